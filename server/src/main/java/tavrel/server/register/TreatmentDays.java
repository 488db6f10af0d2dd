package tavrel.server.register;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import tavrel.core.life.Kinship;
import tavrel.core.register.TreatmentKind;
import tavrel.server.hive.HiveStays;
import tavrel.server.hive.Hives;

/** On which days hives were treated; lines that were struck out are left out. */
@Service
public class TreatmentDays {

  /** A treatment of a hive. */
  record Treated(UUID hiveId, LocalDate day, TreatmentKind means) {}

  /** Days kept. */
  @Mapper
  interface TreatmentDayMapper {

    @Select(
        """
        <script>
        select hive_id, on_day as "day", means
        from treatment
        where stands and hive_id in
        <foreach collection="hiveIds" item="id" open="(" separator="," close=")">#{id}</foreach>
        order by on_day
        </script>
        """)
    List<Treated> of(Collection<UUID> hiveIds);

    /** An index leads to it at once, however long the register is. */
    @Select(
        """
        <script>
        select on_day
        from treatment
        where apiary_id = #{apiaryId} and stands and means in
        <foreach collection="kinds" item="kind" open="(" separator="," close=")">#{kind}</foreach>
        order by apiary_id, on_day desc
        limit 1
        </script>
        """)
    Optional<LocalDate> lastIn(UUID apiaryId, Collection<TreatmentKind> kinds);
  }

  private static final List<TreatmentKind> OXALIC =
      Arrays.stream(TreatmentKind.values()).filter(TreatmentKind::oxalic).toList();

  private final TreatmentDayMapper mapper;
  private final Hives hives;
  private final HiveStays stays;

  TreatmentDays(TreatmentDayMapper mapper, Hives hives, HiveStays stays) {
    this.mapper = mapper;
    this.hives = hives;
    this.stays = stays;
  }

  /**
   * Days on which each hive of an apiary was treated with oxalic acid, ascending, wherever it stood
   * then; with the days of the hive that it was split from, or that was united into it.
   */
  public Map<UUID, List<LocalDate>> withOxalicAcid(UUID apiaryId) {
    return of(hives.idsIn(apiaryId), each -> each.means().oxalic());
  }

  /**
   * Days on which each hive of an apiary was treated with anything against mites, ascending: what
   * was counted before tells no more of the hive, and what falls after is no natural drop.
   */
  public Map<UUID, List<LocalDate>> withAnything(UUID apiaryId) {
    return withAnything(hives.idsIn(apiaryId));
  }

  /** The same of some hives, wherever they stand. */
  public Map<UUID, List<LocalDate>> withAnything(Collection<UUID> hiveIds) {
    return of(hiveIds, each -> true);
  }

  /** The latest day on which a hive was treated with oxalic acid in an apiary. */
  public Optional<LocalDate> lastWithOxalicAcid(UUID apiaryId) {
    return mapper.lastIn(apiaryId, OXALIC);
  }

  private Map<UUID, List<LocalDate>> of(Collection<UUID> ids, Predicate<Treated> which) {
    if (ids.isEmpty()) {
      return Map.of();
    }
    Kinship kinship = stays.kinship();
    Map<UUID, List<LocalDate>> own =
        mapper.of(kinship.withKin(ids)).stream()
            .filter(which)
            .collect(
                Collectors.groupingBy(
                    Treated::hiveId, Collectors.mapping(Treated::day, Collectors.toList())));
    Map<UUID, List<LocalDate>> days = new HashMap<>();
    for (UUID id : ids) {
      List<LocalDate> counted = kinship.days(id, hive -> own.getOrDefault(hive, List.of()));
      if (!counted.isEmpty()) {
        days.put(id, counted);
      }
    }
    return days;
  }
}
