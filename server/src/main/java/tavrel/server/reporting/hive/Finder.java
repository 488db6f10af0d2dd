package tavrel.server.reporting.hive;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Finds things by the beginning of a name, or of a word in it. */
@Service
class Finder {

  private static final int MOST = 12;
  private static final int LONGEST = 60;

  /**
   * A hive that was found.
   *
   * @param hiveId the hive
   * @param name what it is called now, or was last
   * @param then the name by which it was found, where that is an old one; else null
   * @param apiary where it stands, or stood last
   * @param endedOn first day on which it was no more, or null while it lives
   */
  record FoundHive(
      UUID hiveId,
      String name,
      @Nullable String then,
      String apiary,
      @Nullable LocalDate endedOn) {}

  /**
   * Something that has a name.
   *
   * @param id its key
   * @param name what it is called
   */
  record FoundNamed(UUID id, String name) {}

  /**
   * A round that was found by its day.
   *
   * @param id the round
   * @param apiary where
   * @param day when
   */
  record FoundRound(UUID id, String apiary, LocalDate day) {}

  /**
   * What was found, at most twelve of a kind.
   *
   * @param hives living ones first
   * @param apiaries by name
   * @param lots of acid
   * @param people of the outfit
   * @param rounds by day, the latest first
   */
  record FoundAll(
      List<FoundHive> hives,
      List<FoundNamed> apiaries,
      List<FoundNamed> lots,
      List<FoundNamed> people,
      List<FoundRound> rounds) {}

  /** Names kept. */
  @Mapper
  interface FinderMapper {

    @Select(
        """
        select h.id as hive_id, h.name, min(case when s.name_key = h.name_key then null else s.name end) as "then",
               a.name as apiary, h.ended_on
        from hive_stay s
        join hive h on h.id = s.hive_id
        join apiary a on a.id = h.apiary_id
        where s.name_key like #{start} escape '!' or s.name_key like #{word} escape '!'
        group by h.id, h.name, h.name_key, a.name, h.ended_on
        order by h.ended_on nulls first, length(h.name), h.name_key, a.name
        limit #{most}
        """)
    List<FoundHive> hives(String start, String word, int most);

    @Select(
        """
        select id, name
        from apiary
        where name_key like #{start} escape '!' or name_key like #{word} escape '!'
        order by name_key
        limit #{most}
        """)
    List<FoundNamed> apiaries(String start, String word, int most);

    @Select(
        """
        select id, name
        from acid_lot
        where lower(name) like #{start} escape '!' or lower(product) like #{start} escape '!'
        order by bought_on desc
        limit #{most}
        """)
    List<FoundNamed> lots(String start, int most);

    @Select(
        """
        select id, name
        from account
        where active and (lower(name) like #{start} escape '!' or lower(name) like #{word} escape '!')
        order by lower(name)
        limit #{most}
        """)
    List<FoundNamed> people(String start, String word, int most);

    @Select(
        """
        select r.id, a.name as apiary, r.on_day as "day"
        from round r
        join apiary a on a.id = r.apiary_id
        where r.discarded_at is null
          and (cast(r.on_day as varchar) like #{start} escape '!' or a.name_key like #{start} escape '!')
        order by r.on_day desc, a.name_key
        limit #{most}
        """)
    List<FoundRound> rounds(String start, int most);
  }

  private final FinderMapper mapper;

  Finder(FinderMapper mapper) {
    this.mapper = mapper;
  }

  /** What goes by a name that begins so, or has a word that does. */
  FoundAll find(String text) {
    String typed = text.strip().toLowerCase(Locale.ROOT);
    if (typed.isEmpty() || typed.length() > LONGEST) {
      return new FoundAll(List.of(), List.of(), List.of(), List.of(), List.of());
    }
    String plain = typed.replaceAll("([!%_])", "!$1");
    String start = plain + "%";
    String word = "% " + plain + "%";
    return new FoundAll(
        mapper.hives(start, word, MOST),
        mapper.apiaries(start, word, MOST),
        mapper.lots(start, MOST),
        mapper.people(start, word, MOST),
        mapper.rounds(start, MOST));
  }
}
