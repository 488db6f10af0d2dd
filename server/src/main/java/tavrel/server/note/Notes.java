package tavrel.server.note;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tavrel.core.Fact;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

/** Notes about things. */
@Service
class Notes {

  /**
   * A note.
   *
   * @param id key, made on the device that wrote it
   * @param about what it is about
   * @param aboutId which one
   * @param says what somebody wrote
   * @param writtenAt when
   * @param writtenBy who
   */
  public record Note(
      UUID id, About about, UUID aboutId, String says, Instant writtenAt, String writtenBy) {}

  private final NoteMapper mapper;
  private final Things things;
  private final Clock clock;

  Notes(NoteMapper mapper, Things things, Clock clock) {
    this.mapper = mapper;
    this.things = things;
    this.clock = clock;
  }

  /** Notes about a thing, the latest first. */
  List<Note> of(About about, UUID aboutId) {
    return mapper.of(about, aboutId);
  }

  /**
   * Keeps a note. The same id again changes nothing.
   *
   * @throws Problem 404 if there is no such thing
   */
  @Transactional
  public void keep(UUID id, NewNote note, Account who) {
    if (mapper.writer(id).isPresent()) {
      return;
    }
    things.refuseUnknown(note.about(), note.aboutId());
    Instant now = clock.instant();
    Instant at = note.at();
    mapper.add(id, note, at == null || at.isAfter(now) ? now : at, who.name(), who.id());
  }

  /**
   * Strikes a note out.
   *
   * @throws Problem 404 if it is not there, 409 if somebody else wrote it and it is not the keeper
   */
  @Transactional
  public void strike(UUID id, Account who) {
    UUID writer = mapper.writer(id).orElseThrow(() -> Problem.missing(Missing.ENTRY));
    if (who.role() != Role.KEEPER && !writer.equals(who.id())) {
      throw Problem.conflict(Fact.of("refused.noteOfAnother"));
    }
    mapper.strike(id, clock.instant(), who.name());
  }
}
