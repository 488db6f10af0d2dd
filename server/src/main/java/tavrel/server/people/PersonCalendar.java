package tavrel.server.people;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.Base64;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.due.CalendarGroup;

/** Addresses of people's own calendars: whoever has one may read it, without signing in. */
@Service
public class PersonCalendar {

  /** A calendar kept. */
  record Kept(UUID accountId, String calendarKey, String rings) {}

  /** Calendars kept. */
  @Mapper
  interface CalendarMapper {

    @Select(
        "select account_id, calendar_key, rings from person_calendar where account_id = #{accountId}")
    Optional<Kept> of(UUID accountId);

    @Select(
        "select account_id, calendar_key, rings from person_calendar where calendar_key = #{key}")
    Optional<Kept> withKey(String key);

    @Insert(
        """
        merge into person_calendar (account_id, calendar_key, rings, made_at) key (account_id)
        values (#{accountId}, #{key}, #{rings}, #{at})
        """)
    void keep(UUID accountId, String key, String rings, Instant at);

    @Delete("delete from person_calendar where account_id = #{accountId}")
    void forget(UUID accountId);
  }

  /**
   * Somebody's calendar.
   *
   * @param accountId whose
   * @param key that opens it
   * @param rings groups that ring
   */
  public record OwnCalendar(UUID accountId, String key, Set<CalendarGroup> rings) {}

  private static final int KEY_BYTES = 24;

  private final CalendarMapper mapper;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  PersonCalendar(CalendarMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  /** The one of a person, if it was made. */
  public Optional<OwnCalendar> of(UUID accountId) {
    return mapper.of(accountId).map(PersonCalendar::read);
  }

  /** The one that a key opens. */
  public Optional<OwnCalendar> withKey(String key) {
    return mapper.withKey(key).map(PersonCalendar::read);
  }

  /** Makes it, or changes what rings; its address stays. */
  @Transactional
  public OwnCalendar keep(UUID accountId, Set<CalendarGroup> rings) {
    return keep(
        accountId, mapper.of(accountId).map(Kept::calendarKey).orElseGet(this::fresh), rings);
  }

  /** Gives it a new address; whoever has the old one sees nothing more. */
  @Transactional
  public OwnCalendar renew(UUID accountId) {
    Set<CalendarGroup> rings =
        of(accountId).map(OwnCalendar::rings).orElse(EnumSet.allOf(CalendarGroup.class));
    return keep(accountId, fresh(), rings);
  }

  /** Takes it away. */
  @Transactional
  public void end(UUID accountId) {
    mapper.forget(accountId);
  }

  private OwnCalendar keep(UUID accountId, String key, Set<CalendarGroup> rings) {
    String written =
        rings.stream().sorted().map(CalendarGroup::name).collect(Collectors.joining(","));
    mapper.keep(accountId, key, written, clock.instant());
    return new OwnCalendar(accountId, key, rings);
  }

  private String fresh() {
    byte[] bytes = new byte[KEY_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  private static OwnCalendar read(Kept kept) {
    Set<CalendarGroup> rings =
        Arrays.stream(kept.rings().split(","))
            .filter(each -> !each.isEmpty())
            .map(CalendarGroup::valueOf)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(CalendarGroup.class)));
    return new OwnCalendar(kept.accountId(), kept.calendarKey(), rings);
  }
}
