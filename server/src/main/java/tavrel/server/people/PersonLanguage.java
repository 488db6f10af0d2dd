package tavrel.server.people;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.server.words.Language;

/** In which language each person reads. */
@Service
class PersonLanguage {

  /** Languages kept. */
  @Mapper
  interface LanguageMapper {

    @Select("select language from person_language where account_id = #{accountId}")
    Optional<Language> of(UUID accountId);

    @Insert(
        """
        merge into person_language (account_id, language) key (account_id)
        values (#{accountId}, #{language})
        """)
    void keep(UUID accountId, Language language);

    @Delete("delete from person_language where account_id = #{accountId}")
    void forget(UUID accountId);
  }

  private final LanguageMapper mapper;
  private final Map<UUID, Optional<Language>> known = new ConcurrentHashMap<>();

  PersonLanguage(LanguageMapper mapper) {
    this.mapper = mapper;
  }

  /** The one that a person chose. */
  Optional<Language> of(UUID accountId) {
    return known.computeIfAbsent(accountId, mapper::of);
  }

  /** Keeps what a person chose; null goes by the device again. */
  @Transactional
  void keep(UUID accountId, @Nullable Language language) {
    if (language == null) {
      mapper.forget(accountId);
    } else {
      mapper.keep(accountId, language);
    }
    known.remove(accountId);
  }
}
