package tavrel.server.reporting.yards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tavrel.server.outfit.OutfitDay;
import tavrel.server.people.Account;

/** Whose yards are which: of groups, of crews, of the people who go with them. */
@Component
public class YardChoices {

  /** A crew's yards are those of which a visit was agreed so many days back, or is to come. */
  private static final int REMEMBERED_DAYS = 180;

  private final YardChoiceMapper mapper;
  private final OutfitDay day;

  YardChoices(YardChoiceMapper mapper, OutfitDay day) {
    this.mapper = mapper;
    this.day = day;
  }

  /** What a person can narrow lists to: his own yards first, then those of crews and of groups. */
  List<YardChoice> of(Account who) {
    Map<String, List<UUID>> crews = byName(mapper.ofCrews(since()));
    List<UUID> own =
        mapper.crewsOf(who.id()).stream()
            .flatMap(crew -> crews.getOrDefault(crew, List.of()).stream())
            .distinct()
            .toList();
    List<YardChoice> all = new ArrayList<>();
    if (!own.isEmpty()) {
      all.add(new YardChoice(YardChoice.Kind.OWN, who.name(), own));
    }
    crews.forEach((name, yards) -> all.add(new YardChoice(YardChoice.Kind.CREW, name, yards)));
    byName(mapper.ofGroups())
        .forEach((name, yards) -> all.add(new YardChoice(YardChoice.Kind.GROUP, name, yards)));
    return all;
  }

  /** What of the outfit's work is a person's; all of it where no crew has him. */
  public OwnShare shareOf(UUID accountId) {
    Set<String> own = Set.copyOf(mapper.crewsOf(accountId));
    Map<String, List<UUID>> crews = byName(mapper.ofCrews(since()));
    return new OwnShare(
        own, yards(crews, own), own.isEmpty() ? Set.of() : yards(crews, crews.keySet()));
  }

  private static Set<UUID> yards(Map<String, List<UUID>> crews, Set<String> of) {
    return of.stream()
        .flatMap(crew -> crews.getOrDefault(crew, List.of()).stream())
        .collect(Collectors.toSet());
  }

  private static Map<String, List<UUID>> byName(List<YardChoiceMapper.Member> members) {
    return members.stream()
        .collect(
            Collectors.groupingBy(
                YardChoiceMapper.Member::name,
                LinkedHashMap::new,
                Collectors.mapping(YardChoiceMapper.Member::apiaryId, Collectors.toList())));
  }

  private LocalDate since() {
    return day.today().minusDays(REMEMBERED_DAYS);
  }
}
