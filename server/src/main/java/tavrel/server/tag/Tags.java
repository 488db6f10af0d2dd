package tavrel.server.tag;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.core.hive.Hive;
import tavrel.server.apiary.Apiaries;
import tavrel.server.apiary.Apiary;
import tavrel.server.hive.Hives;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;

/**
 * Tags of hives. A code is made once and lasts: a hive that is renamed or moves keeps it, and a tag
 * that was lost is printed anew with it.
 */
@Service
class Tags {

  /** Without those that are read as another on a scratched tag. */
  private static final String LETTERS = "23456789ABCDEFGHJKLMNPQRSTUVWXYZ";

  private static final int LENGTH = 7;

  private final TagMapper mapper;
  private final Hives hives;
  private final Apiaries apiaries;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  Tags(TagMapper mapper, Hives hives, Apiaries apiaries, Clock clock) {
    this.mapper = mapper;
    this.hives = hives;
    this.apiaries = apiaries;
    this.clock = clock;
  }

  /**
   * A tag to print.
   *
   * @param name what the hive is called
   * @param apiary where it stands
   * @param address what its code says to a phone
   */
  record Tag(String name, String apiary, String address) {}

  /** The address that stands in tags, or null where nobody has said. */
  @Nullable TagHost host() {
    return mapper.host().map(TagHost::new).orElse(null);
  }

  /** Sets the address; tags that hang out there are found as long as the old one is answered. */
  @Transactional
  public TagHost keepHost(TagHost host, Account who) {
    mapper.keepHost(host.host(), who.name(), clock.instant());
    return host;
  }

  /**
   * The hive that a code belongs to.
   *
   * @throws Problem 404
   */
  UUID hiveOf(String code) {
    return mapper
        .hiveOf(code.toUpperCase(Locale.ROOT))
        .orElseThrow(() -> Problem.missing(Missing.HIVE));
  }

  /**
   * Tags of hives of an apiary, in walking order.
   *
   * @param hiveIds which; all where none are named
   * @throws Problem 409 while nobody has said by which address phones reach this server
   */
  @Transactional
  public List<Tag> of(UUID apiaryId, List<UUID> hiveIds) {
    TagHost host = host();
    if (host == null) {
      throw Problem.conflict(Fact.of("refused.noTagHost"));
    }
    Apiary apiary = apiaries.byId(apiaryId);
    List<Tag> tags = new ArrayList<>();
    for (Hive hive : hives.in(apiaryId)) {
      if (hiveIds.isEmpty() || hiveIds.contains(hive.id())) {
        tags.add(new Tag(hive.name(), apiary.name(), host.addressOf(codeOf(hive.id()))));
      }
    }
    if (tags.isEmpty()) {
      throw Problem.conflict(Fact.of("refused.noHiveChosen").text("apiary", apiary.name()));
    }
    return tags;
  }

  private String codeOf(UUID hiveId) {
    return mapper
        .codeOf(hiveId)
        .orElseGet(
            () -> {
              String code = free();
              mapper.add(hiveId, code, clock.instant());
              return code;
            });
  }

  private String free() {
    String code;
    do {
      StringBuilder made = new StringBuilder();
      for (int i = 0; i < LENGTH; i++) {
        made.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
      }
      code = made.toString();
    } while (mapper.hiveOf(code).isPresent());
    return code;
  }
}
