package tavrel.server.people;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.units.OwnUnits;

/** In which units each person reads and types. */
@Service
class PersonUnits {

  /** Units kept. */
  @Mapper
  interface UnitsMapper {

    @Select(
        """
        select temperature, wind, road, mass, measures, volume, clock, dates, decimals, week_start
        from person_units
        where account_id = #{accountId}
        """)
    Optional<OwnUnits> of(UUID accountId);

    @Insert(
        """
        merge into person_units (account_id, temperature, wind, road, mass, measures, volume, clock, dates, decimals, week_start)
        key (account_id)
        values (#{accountId}, #{units.temperature}, #{units.wind}, #{units.road}, #{units.mass}, #{units.measures},
                #{units.volume}, #{units.clock}, #{units.dates}, #{units.decimals}, #{units.weekStart})
        """)
    void keep(UUID accountId, OwnUnits units);
  }

  private final UnitsMapper mapper;

  PersonUnits(UnitsMapper mapper) {
    this.mapper = mapper;
  }

  /** Those that a person chose. */
  Optional<OwnUnits> of(UUID accountId) {
    return mapper.of(accountId);
  }

  /** Keeps what a person chose. */
  @Transactional
  void keep(UUID accountId, OwnUnits units) {
    mapper.keep(accountId, units);
  }
}
