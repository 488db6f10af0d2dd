package tavrel.server.register;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
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
import tavrel.server.store.Changes;
import tavrel.server.store.KeptWhileUnchanged;

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
  private final HiveStays stays;

  private final KeptWhileUnchanged<UUID, Map<UUID, List<LocalDate>>> oxalic;
  private final KeptWhileUnchanged<UUID, Map<UUID, List<LocalDate>>> anything;
  private final KeptWhileUnchanged<UUID, Optional<LocalDate>> last;

  TreatmentDays(TreatmentDayMapper mapper, Hives hives, HiveStays stays, Changes changes) {
    oxalic =
        new KeptWhileUnchanged<>(
            changes, id -> of(hives.idsIn(id), each -> each.means().oxalic()), "register", "hive");
    last = new KeptWhileUnchanged<>(changes, id -> mapper.lastIn(id, OXALIC), "register");
    anything =
        new KeptWhileUnchanged<>(
            changes, id -> of(hives.idsIn(id), each -> true), "register", "hive");
    this.mapper = mapper;
    this.stays = stays;
  }

  /**
   * Days on which each hive of an apiary was treated with oxalic acid, ascending, wherever it stood
   * then; with the days of the hive that it was split from, or that was united into it.
   */
  public Map<UUID, List<LocalDate>> withOxalicAcid(UUID apiaryId) {
    return oxalic.of(apiaryId);
  }

  /**
   * Days on which each hive of an apiary was treated with anything against mites, ascending: what
   * was counted before tells no more of the hive, and what falls after is no natural drop.
   */
  public Map<UUID, List<LocalDate>> withAnything(UUID apiaryId) {
    return anything.of(apiaryId);
  }

  /** The same of some hives, wherever they stand. */
  public Map<UUID, List<LocalDate>> withAnything(Collection<UUID> hiveIds) {
    return of(hiveIds, each -> true);
  }

  /** The latest day on which a hive was treated with oxalic acid in an apiary. */
  public Optional<LocalDate> lastWithOxalicAcid(UUID apiaryId) {
    return last.of(apiaryId);
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
    return Collections.unmodifiableMap(days);
  }
}
