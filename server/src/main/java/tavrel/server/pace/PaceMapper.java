package tavrel.server.pace;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import tavrel.core.pace.Crew;
import tavrel.core.pace.PaceTimes;
import tavrel.core.pace.UsualWork;

/** The outfit's usual work kept. */
@Mapper
interface PaceMapper {

  /** A row; its columns lie flat. */
  record Kept(
      int burners,
      int helpers,
      int cloths,
      @Nullable Integer caps,
      boolean preparedAhead,
      int setUp,
      int clearAway,
      int walkAndShut,
      int loadCold,
      int disconnect,
      int withdraw,
      int opening,
      int fillCap,
      int seal,
      int openFirstAfter,
      boolean staysWithBowl) {

    UsualWork work() {
      return new UsualWork(
          new Crew(burners, helpers),
          cloths,
          caps,
          preparedAhead,
          new PaceTimes(
              setUp,
              clearAway,
              walkAndShut,
              loadCold,
              disconnect,
              withdraw,
              opening,
              fillCap,
              seal,
              openFirstAfter,
              staysWithBowl));
    }
  }

  @Select(
      """
      select burners, helpers, cloths, caps, prepared_ahead, set_up, clear_away, walk_and_shut, load_cold, disconnect,
             withdraw, opening, fill_cap, seal, open_first_after, stays_with_bowl
      from usual_work
      """)
  Optional<Kept> usual();

  @Insert(
      """
      merge into usual_work (
        only_one, burners, helpers, cloths, caps, prepared_ahead, set_up, clear_away, walk_and_shut, load_cold,
        disconnect, withdraw, opening, fill_cap, seal, open_first_after, stays_with_bowl)
      key (only_one)
      values (
        true, #{crew.burners}, #{crew.helpers}, #{cloths}, #{caps}, #{preparedAhead}, #{times.setUp}, #{times.clearAway},
        #{times.walkAndShut}, #{times.loadCold}, #{times.disconnect}, #{times.withdraw}, #{times.opening},
        #{times.fillCap}, #{times.seal}, #{times.openFirstAfter}, #{times.staysWithBowl})
      """)
  void keep(UsualWork work);
}
