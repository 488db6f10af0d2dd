package tavrel.server.reporting.hive;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tavrel.core.Fact;
import tavrel.core.count.Infestation;
import tavrel.core.count.Interval;
import tavrel.core.hive.BoxNotation;
import tavrel.core.life.Beginning;
import tavrel.core.life.EndKind;
import tavrel.core.life.HiveLife;
import tavrel.core.life.LifeEvent;
import tavrel.server.count.Jars;
import tavrel.server.hive.Hives;

/** What happened to a hive, line by line, from all who keep something of it. */
@Component
class LifeLines {

  /** Of what a line tells. */
  enum LifeLineKind {
    LIFE,
    TREATED,
    COUNTED,
    BROOD,
    NOTE
  }

  /**
   * That an act was taken back.
   *
   * @param by who did
   * @param why in words, or null
   */
  record StruckOut(String by, @Nullable String why) {}

  /**
   * A line of its life.
   *
   * @param day on which, or null where nobody knows
   * @param kind of what it tells
   * @param says what happened
   * @param by who did it or said so; empty where nobody is named
   * @param actId the act that it can be taken back with, or null
   * @param roundId the round that it belongs to, or null
   * @param hiveId the other hive that it names, or null
   * @param takenBack that it was taken back, or null while it stands
   */
  record LifeLine(
      @Nullable LocalDate day,
      LifeLineKind kind,
      Fact says,
      String by,
      @Nullable UUID actId,
      @Nullable UUID roundId,
      @Nullable UUID hiveId,
      @Nullable StruckOut takenBack) {}

  private final HivePageMapper mapper;
  private final Hives hives;
  private final Jars jars;

  LifeLines(HivePageMapper mapper, Hives hives, Jars jars) {
    this.mapper = mapper;
    this.hives = hives;
    this.jars = jars;
  }

  /** Lines of a life, the latest first. */
  List<LifeLine> of(
      UUID hiveId,
      HiveLife life,
      Map<UUID, String> apiaryNames,
      List<HivePageMapper.Counted> counted,
      double recovery) {
    List<LifeLine> lines = new ArrayList<>();
    lines.add(began(life.beginning(), apiaryNames));
    mapper.happened(hiveId).forEach(each -> lines.add(told(each)));
    mapper
        .received(hiveId)
        .forEach(each -> lines.add(kin(each, Fact.of("life.received").text("hive", each.name()))));
    mapper
        .splits(hiveId)
        .forEach(each -> lines.add(kin(each, Fact.of("life.gaveSplit").text("hive", each.name()))));
    counted.forEach(
        each ->
            lines.add(
                line(each.day(), LifeLineKind.COUNTED, told(each, recovery), each.doneBy(), null)));
    jars.withBeesOf(hiveId)
        .forEach(
            each ->
                lines.add(
                    line(each.day(), LifeLineKind.COUNTED, each.says(), each.doneBy(), null)));
    mapper
        .treated(hiveId)
        .forEach(
            each ->
                lines.add(
                    line(
                        each.day(),
                        LifeLineKind.TREATED,
                        each.acid() > 0
                            ? Fact.of("life.treatedWithAcid")
                                .word("means", each.means())
                                .grams("acid", each.acid())
                            : Fact.of("life.treated").word("means", each.means()),
                        each.people(),
                        each.roundId())));
    mapper
        .written(hiveId)
        .forEach(
            each ->
                lines.add(
                    line(
                        each.day(),
                        LifeLineKind.NOTE,
                        Fact.of("life.note").text("says", each.says()),
                        each.by(),
                        null)));
    mapper
        .brood(hiveId)
        .forEach(
            each ->
                lines.add(
                    line(
                        each.day(),
                        LifeLineKind.BROOD,
                        Fact.of("life.brood").word("event", each.kind()),
                        each.doneBy(),
                        null)));
    lines.sort(
        Comparator.comparing(
            LifeLine::day, Comparator.nullsLast(Comparator.<LocalDate>naturalOrder().reversed())));
    return List.copyOf(lines);
  }

  private static LifeLine line(
      LocalDate day, LifeLineKind kind, Fact says, String by, @Nullable UUID roundId) {
    return new LifeLine(day, kind, says, by, null, roundId, null, null);
  }

  private static LifeLine kin(HivePageMapper.Kin other, Fact says) {
    return new LifeLine(
        other.day(), LifeLineKind.LIFE, says, other.doneBy(), null, null, other.hiveId(), null);
  }

  private LifeLine began(Beginning began, Map<UUID, String> apiaryNames) {
    Fact says =
        Fact.of("life.began")
            .word("as", began.as())
            .text("apiary", apiaryNames.getOrDefault(began.apiaryId(), ""));
    UUID motherId = began.motherId();
    if (motherId != null) {
      says = Fact.of("life.beganFrom").text("mother", hives.byId(motherId).name());
    }
    return new LifeLine(began.day(), LifeLineKind.LIFE, says, "", null, null, motherId, null);
  }

  private static LifeLine told(HivePageMapper.Happened each) {
    return new LifeLine(
        each.day(),
        LifeLineKind.LIFE,
        says(each),
        each.doneBy(),
        each.actId(),
        null,
        each.intoId() == null ? each.supersFromId() : each.intoId(),
        each.struckBy() == null ? null : new StruckOut(each.struckBy(), each.struckWhy()));
  }

  private static Fact says(HivePageMapper.Happened each) {
    return switch (each.kind()) {
      case MOVED -> Fact.of("life.moved").text("apiary", orEmpty(each.apiary()));
      case RENAMED -> Fact.of("life.renamed").text("name", orEmpty(each.name()));
      case UNITED -> Fact.of("life.united").text("hive", orEmpty(each.into()));
      case QUEEN ->
          told(
              new LifeEvent.QueenChanged(
                  Objects.requireNonNull(each.queen()),
                  each.queenYear(),
                  each.queenMark(),
                  each.queenLine()));
      case SET_UP -> setUp(each);
      case ENDED -> ended(each);
    };
  }

  private static Fact setUp(HivePageMapper.Happened each) {
    Fact says =
        each.supersFrom() == null
            ? Fact.of("life.setUp")
            : Fact.of("life.setUpFrom").text("hive", each.supersFrom());
    return says.with("boxes", BoxNotation.told(BoxNotation.read(orEmpty(each.boxes()))))
        .count("supers", each.supers() == null ? 0 : each.supers(), "super");
  }

  private static Fact ended(HivePageMapper.Happened each) {
    EndKind how = Objects.requireNonNull(each.endKind());
    Fact says =
        each.endSign() == null
            ? Fact.of("life.ended").word("how", how)
            : Fact.of("life.endedWith").word("how", how).word("sign", each.endSign());
    return each.says() == null
        ? says
        : Fact.of("life.endedSaying").fact("ended", says).text("says", each.says());
  }

  static Fact told(LifeEvent.QueenChanged queen) {
    String about =
        List.of(
                queen.year() == null ? "" : String.valueOf(queen.year()),
                orEmpty(queen.mark()),
                orEmpty(queen.line()))
            .stream()
            .filter(each -> !each.isEmpty())
            .collect(Collectors.joining(", "));
    return about.isEmpty()
        ? Fact.of("life.queenChanged").word("change", queen.change())
        : Fact.of("life.queenKnown").word("change", queen.change()).text("about", about);
  }

  private static String orEmpty(@Nullable String text) {
    return text == null ? "" : text;
  }

  private static Fact told(HivePageMapper.Counted each, double recovery) {
    Integer bees = each.bees();
    if (bees == null) {
      return Fact.of("life.board")
          .count("mites", each.mites(), "mite")
          .figure("hours", each.hours() == null ? 0 : each.hours());
    }
    HivePages.SampleOfHive sample = sample(each, recovery);
    return Fact.of("life.sample")
        .count("mites", each.mites(), "mite")
        .figure("bees", bees)
        .share("share", sample.share())
        .share("low", sample.low())
        .share("high", sample.high());
  }

  static HivePages.SampleOfHive sample(HivePageMapper.Counted each, double recovery) {
    int bees = each.bees() == null ? 1 : each.bees();
    Infestation found =
        new Infestation(
            each.mites(), bees, each.kind().equals("SUGAR_ROLL") ? recovery : 1, 1, each.day());
    Interval interval = found.interval();
    return new HivePages.SampleOfHive(each.day(), found.share(), interval.low(), interval.high());
  }
}
