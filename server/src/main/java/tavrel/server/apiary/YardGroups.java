package tavrel.server.apiary;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.InvalidValue;
import tavrel.server.http.Problem;

/** Groups of yards, by which every list of the outfit can be narrowed. */
@Service
class YardGroups {

  private static final int LONGEST = 40;

  private final YardGroupMapper mapper;
  private final Apiaries apiaries;

  YardGroups(YardGroupMapper mapper, Apiaries apiaries) {
    this.mapper = mapper;
    this.apiaries = apiaries;
  }

  /**
   * A group as it is to be.
   *
   * @param was what it was called before, or null for a new one
   * @param name what it is called
   * @param apiaryIds its yards; without any the group is no more
   */
  record Grouping(@Nullable String was, String name, List<UUID> apiaryIds) {

    /**
     * @throws InvalidValue if nobody could tell it from others
     */
    public Grouping {
      name = InvalidValue.text("name", name, LONGEST);
      apiaryIds = List.copyOf(apiaryIds);
    }
  }

  /** All groups, by name. */
  List<YardGroup> all() {
    Map<String, List<UUID>> groups = new LinkedHashMap<>();
    for (YardGroupMapper.Member member : mapper.all()) {
      groups.computeIfAbsent(member.name(), none -> new ArrayList<>()).add(member.apiaryId());
    }
    return groups.entrySet().stream()
        .map(each -> new YardGroup(each.getKey(), List.copyOf(each.getValue())))
        .toList();
  }

  /**
   * Writes a group down as it is to be; the same again changes nothing.
   *
   * @throws InvalidValue if another group is called so, or a new one has no yard
   * @throws Problem 404 for an unknown yard
   */
  @Transactional
  List<YardGroup> put(Grouping group) {
    Set<UUID> yards = new LinkedHashSet<>(group.apiaryIds());
    refuseTaken(group, yards);
    if (group.was() == null && yards.isEmpty()) {
      throw new InvalidValue("apiaryIds", "groupWithoutYard", "choose the yards that belong to it");
    }
    yards.forEach(apiaries::byId);
    mapper.forget(group.name());
    if (group.was() != null) {
      mapper.forget(group.was());
    }
    if (!yards.isEmpty()) {
      mapper.add(group.name(), yards);
    }
    return all();
  }

  /** One that is there already as it is to be was sent twice. */
  private void refuseTaken(Grouping group, Set<UUID> yards) {
    boolean taken =
        all().stream()
            .filter(other -> other.name().equalsIgnoreCase(group.name()))
            .filter(other -> !other.name().equalsIgnoreCase(group.was()))
            .anyMatch(other -> !Set.copyOf(other.apiaryIds()).equals(yards));
    if (taken) {
      throw new InvalidValue(
          "name", "groupNameTaken", "{name} is another group already", group.name());
    }
  }
}
