package tavrel.server.reporting.files;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.NumberText;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.http.Spreadsheet;

/**
 * Open files, told in docs/open-files.md. Tables come back in by the same columns where there is a
 * way in.
 */
@Service
class OpenFiles {

  private final Apiaries apiaries;
  private final Hives allHives;
  private final FileMapper mapper;

  /** What XML 1.0 cannot hold. Such names are refused today, but older ones may be kept. */
  private static final Pattern NO_XML =
      Pattern.compile("[^\\t\\n\\r\\x20-\\uD7FF\\uE000-\\uFFFD\\x{10000}-\\x{10FFFF}]");

  /** Later than anything that was written down. */
  private static final LocalDate LAST_DAY = LocalDate.of(9999, 12, 31);

  private final ObjectMapper json;

  OpenFiles(Apiaries apiaries, Hives allHives, FileMapper mapper, ObjectMapper json) {
    this.apiaries = apiaries;
    this.allHives = allHives;
    this.mapper = mapper;
    this.json = json;
  }

  /**
   * Every hive, in the columns that a roster is brought in by.
   *
   * @param day on which they stood so, or null for now
   */
  void roster(@Nullable LocalDate day, OutputStream out) throws IOException {
    CSVPrinter csv =
        csv(
            out,
            "apiary",
            "hive",
            "position",
            "brood boxes",
            "supers",
            "floor",
            "since",
            "line of bees",
            "latitude",
            "longitude");
    LocalDate on = day == null ? LAST_DAY : day;
    Map<UUID, FileMapper.SetUpRow> latest = new HashMap<>();
    mapper.setUps(on).forEach(each -> latest.put(each.hiveId(), each));
    for (FileMapper.StoodRow row : mapper.stood(on)) {
      FileMapper.SetUpRow setUp = latest.get(row.hiveId());
      csv.printRecord(
          Spreadsheet.safe(row.apiary()),
          Spreadsheet.safe(row.hive()),
          row.place(),
          setUp == null ? row.boxes() : setUp.boxes(),
          setUp == null ? row.supers() : setUp.supers(),
          row.floor().words(),
          row.since(),
          Spreadsheet.safe(row.line()),
          row.latitude(),
          row.longitude());
    }
    csv.flush();
  }

  /** Places of apiaries as GeoJSON (RFC 7946): longitude first; one without a place is left out. */
  byte[] geoJson() throws IOException {
    ObjectNode all = json.createObjectNode().put("type", "FeatureCollection");
    ArrayNode features = all.putArray("features");
    for (Apiary apiary : apiaries.all()) {
      if (apiary.place() == null) {
        continue;
      }
      ObjectNode feature =
          features.addObject().put("type", "Feature").put("id", apiary.id().toString());
      ArrayNode coordinates =
          feature
              .putObject("geometry")
              .put("type", "Point")
              .putArray("coordinates")
              .add(apiary.longitude())
              .add(apiary.latitude());
      if (apiary.altitude() != null) {
        coordinates.add(apiary.altitude());
      }
      feature
          .putObject("properties")
          .put("name", apiary.name())
          .put("zone", apiary.zone())
          .put("hives", allHives.count(apiary.id()));
    }
    return json.writeValueAsBytes(all);
  }

  /** Places of apiaries as way points (GPX 1.1). */
  void gpx(OutputStream out) throws IOException {
    try {
      XMLStreamWriter xml =
          XMLOutputFactory.newFactory().createXMLStreamWriter(out, StandardCharsets.UTF_8.name());
      xml.writeStartDocument(StandardCharsets.UTF_8.name(), "1.0");
      xml.writeStartElement("gpx");
      xml.writeDefaultNamespace("http://www.topografix.com/GPX/1/1");
      xml.writeAttribute("version", "1.1");
      xml.writeAttribute("creator", "Tavrel");
      for (Apiary apiary : apiaries.all()) {
        if (apiary.place() != null) {
          xml.writeStartElement("wpt");
          xml.writeAttribute("lat", String.valueOf(apiary.latitude()));
          xml.writeAttribute("lon", String.valueOf(apiary.longitude()));
          if (apiary.altitude() != null) {
            element(xml, "ele", String.valueOf(apiary.altitude()));
          }
          element(xml, "name", apiary.name());
          element(xml, "desc", allHives.count(apiary.id()) + " hives");
          xml.writeEndElement();
        }
      }
      xml.writeEndDocument();
      xml.flush();
    } catch (XMLStreamException broken) {
      throw new IOException(broken);
    }
  }

  private static void element(XMLStreamWriter xml, String name, String text)
      throws XMLStreamException {
    xml.writeStartElement(name);
    xml.writeCharacters(NO_XML.matcher(text).replaceAll(""));
    xml.writeEndElement();
  }

  /** Every event of the rounds of a year, round by round: also those that were taken back. */
  @Transactional(readOnly = true)
  public void burns(int year, OutputStream out) throws IOException {
    CSVPrinter csv =
        csv(
            out,
            "day",
            "time",
            "moment UTC",
            "apiary",
            "hive",
            "event",
            "load",
            "tool",
            "person",
            "reason",
            "taken back",
            "event id");
    for (UUID round : mapper.rounds(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31))) {
      for (FileMapper.EventRow event : mapper.events(round)) {
        var there = event.at().atZone(ZoneId.of(event.zone())).truncatedTo(ChronoUnit.SECONDS);
        csv.printRecord(
            there.toLocalDate(),
            there.toLocalTime(),
            event.at(),
            Spreadsheet.safe(event.apiary()),
            Spreadsheet.safe(event.hive()),
            event.kind(),
            event.load(),
            Spreadsheet.safe(event.tool()),
            Spreadsheet.safe(event.person()),
            Spreadsheet.safe(event.reason()),
            event.undone() ? "yes" : "no",
            event.id());
      }
    }
    csv.flush();
  }

  /** An apiary's hours of weather that came from files, in the columns that they are read by. */
  void weather(UUID apiaryId, OutputStream out) throws IOException {
    CSVPrinter csv =
        csv(
            out,
            "time",
            "temperature (°C)",
            "wind (m/s)",
            "wind from (°)",
            "rain (mm)",
            "cloud (%)",
            "thunder or ice");
    for (FileMapper.HourRow hour : mapper.hours(apiaryId)) {
      csv.printRecord(
          hour.begins(),
          NumberText.plain(hour.celsius()),
          NumberText.plain(hour.windMs()),
          hour.windFrom(),
          NumberText.plain(hour.rainMm()),
          NumberText.plain(100 * hour.cloud()),
          hour.thunderOrIce() ? "yes" : "");
    }
    csv.flush();
  }

  private static CSVPrinter csv(OutputStream out, String... columns) throws IOException {
    Writer writer =
        new BufferedWriter(
            new OutputStreamWriter(Objects.requireNonNull(out), StandardCharsets.UTF_8));
    writer.write('\uFEFF');
    CSVPrinter csv = new CSVPrinter(writer, CSVFormat.RFC4180);
    csv.printRecord((Object[]) columns);
    return csv;
  }
}
