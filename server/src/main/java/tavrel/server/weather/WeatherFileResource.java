package tavrel.server.weather;

import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.core.weather.HourlyWeather;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.table.RowError;

/** Bringing in hourly weather. */
@RestController
@RequestMapping("/api/apiaries/{id}/weather-file")
class WeatherFileResource {

  /**
   * A file as it would be brought in, or was.
   *
   * @param hours that could be read
   * @param first the first of them, or null
   * @param last the last, or null
   * @param coldest °C, or null
   * @param warmest °C, or null
   * @param holes hours without a row
   * @param errors rows that could not be read
   * @param readAs how text and units were read
   * @param asks what has to be said first, or null
   */
  record WeatherPreview(
      int hours,
      @Nullable Instant first,
      @Nullable Instant last,
      @Nullable Double coldest,
      @Nullable Double warmest,
      List<WeatherFile.Hole> holes,
      List<RowError> errors,
      List<Fact> readAs,
      @Nullable Fact asks) {

    static WeatherPreview of(WeatherFile file) {
      List<HourlyWeather> hours = file.hours();
      boolean none = hours.isEmpty();
      return new WeatherPreview(
          hours.size(),
          none ? null : hours.get(0).hour(),
          none ? null : hours.get(hours.size() - 1).hour(),
          none ? null : hours.stream().mapToDouble(HourlyWeather::celsius).min().orElseThrow(),
          none ? null : hours.stream().mapToDouble(HourlyWeather::celsius).max().orElseThrow(),
          file.holes(),
          file.errors(),
          file.readAs(),
          file.asks());
    }
  }

  private final Apiaries apiaries;
  private final YardWeather weather;

  WeatherFileResource(Apiaries apiaries, YardWeather weather) {
    this.apiaries = apiaries;
    this.weather = weather;
  }

  /** Reads a file of weather and says what would be taken; nothing is kept. */
  @PostMapping(value = "/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  WeatherPreview preview(
      @PathVariable UUID id,
      @RequestPart MultipartFile file,
      @RequestParam(required = false) WeatherFile.@Nullable Degrees degrees)
      throws IOException {
    return WeatherPreview.of(
        WeatherFile.read(file.getBytes(), apiaries.byId(id).zoneId(), degrees));
  }

  /** Brings it in for this apiary, and for others that share its weather. */
  @PostMapping(value = "/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  WeatherPreview bringIn(
      @PathVariable UUID id,
      @RequestPart MultipartFile file,
      @RequestParam(required = false) WeatherFile.@Nullable Degrees degrees,
      @RequestParam(defaultValue = "false") boolean goodRowsOnly,
      @RequestParam(required = false) @Nullable List<UUID> also)
      throws IOException {
    Apiary apiary = apiaries.byId(id);
    WeatherFile read = WeatherFile.read(file.getBytes(), apiary.zoneId(), degrees);
    if (read.asks() != null) {
      throw new InvalidValue("degrees", "missingUnit", "is missing: {asks}", read.asks());
    }
    if (!read.errors().isEmpty() && !goodRowsOnly) {
      throw new InvalidValue(
          "file",
          "hasRowsCannotRead",
          "has rows that cannot be read; mend them, or take the good rows only");
    }
    if (read.hours().isEmpty()) {
      throw new InvalidValue("file", "hasNoHourCan", "has no hour that can be read");
    }
    String name = file.getOriginalFilename();
    List<UUID> all = new ArrayList<>(List.of(id));
    if (also != null) {
      all.addAll(also);
    }
    weather.keepHours(all, read.hours(), name == null || name.isBlank() ? "weather.csv" : name);
    return WeatherPreview.of(read);
  }

  /** Forgets what files said. */
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID id) {
    weather.forgetHours(id);
  }
}
