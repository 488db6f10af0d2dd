package tavrel.server.people;

import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import tavrel.core.weather.OwnHours;

/** Accounts kept. */
@Mapper
interface AccountMapper {

  @Select("select count(*) from account")
  int count();

  @Select("select id, login, name, role, active, first_password from account order by name")
  List<Account> all();

  @Select("select id, login, name, role, active, first_password from account where id = #{id}")
  Optional<Account> byId(UUID id);

  @Select(
      "select id, login, name, role, active, first_password from account where login_key = lower(#{login})")
  Optional<Account> byLogin(String login);

  @Select("select password_hash from account where id = #{id}")
  String passwordHash(UUID id);

  @Insert(
      """
      insert into account (id, login, name, password_hash, role, active, first_password, created_at)
      values (#{account.id}, #{account.login}, #{account.name}, #{hash}, #{account.role}, #{account.active},
              #{account.firstPassword}, #{at})
      """)
  void add(Account account, String hash, Instant at);

  @Update("update account set name = #{name}, role = #{role}, active = #{active} where id = #{id}")
  void change(Account account);

  @Update("update account set password_hash = #{hash}, first_password = #{first} where id = #{id}")
  void changePassword(UUID id, String hash, boolean first);

  /** Between which hours somebody works, as a row has it. */
  record Works(@Nullable String worksFrom, String worksTo) {

    OwnHours hours() {
      return new OwnHours(
          worksFrom == null ? null : LocalTime.parse(worksFrom), LocalTime.parse(worksTo));
    }
  }

  @Select("select works_from, works_to from account where id = #{id}")
  Optional<Works> workHours(UUID id);

  @Update("update account set works_from = #{from}, works_to = #{to} where id = #{id}")
  void changeWorkHours(UUID id, @Nullable String from, String to);

  @Select("select count(*) from account where role = 'KEEPER' and active and id <> #{id}")
  int otherKeepers(UUID id);
}
