package tavrel.server.reporting.yards;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Which yards belong together, by groups and by crews. */
@Mapper
interface YardChoiceMapper {

  /** A yard of a group or of a crew. */
  record Member(String name, UUID apiaryId) {}

  @Select(
      """
      select g.name, g.apiary_id
      from yard_group g
      join apiary a on a.id = g.apiary_id
      order by lower(g.name), a.name_key
      """)
  List<Member> ofGroups();

  /** Yards of which a visit of a crew is agreed, on a day or later. */
  @Select(
      """
      select distinct c.name, c.place, s.apiary_id, a.name_key
      from season_visit v
      join series s on s.id = v.series_id
      join apiary a on a.id = s.apiary_id
      join road_crew c on c.id = v.agreed_crew_id
      where v.agreed_day >= #{since} and not c.retired
      order by c.place, c.name, a.name_key
      """)
  List<Member> ofCrews(LocalDate since);

  @Select(
      """
      select c.name
      from road_crew_member m
      join road_crew c on c.id = m.crew_id
      where m.account_id = #{accountId} and not c.retired
      order by c.place, c.name
      """)
  List<String> crewsOf(UUID accountId);
}
