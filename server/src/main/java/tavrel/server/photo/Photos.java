package tavrel.server.photo;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tavrel.core.Fact;
import tavrel.core.InvalidValue;
import tavrel.server.http.Missing;
import tavrel.server.http.Problem;
import tavrel.server.note.About;
import tavrel.server.note.Things;
import tavrel.server.people.Account;
import tavrel.server.people.Role;

/** Pictures of things. */
@Service
class Photos {

  /**
   * A picture of a thing.
   *
   * @param id key, made on the device that took it
   * @param about what kind of thing it shows
   * @param aboutId which one
   * @param width in pixels
   * @param height in pixels
   * @param writtenAt when it was added
   * @param writtenBy who added it
   */
  record Photo(
      UUID id,
      About about,
      UUID aboutId,
      int width,
      int height,
      Instant writtenAt,
      String writtenBy) {}

  private final PhotoMapper mapper;
  private final PictureFiles files;
  private final Things things;
  private final Clock clock;

  Photos(PhotoMapper mapper, PictureFiles files, Things things, Clock clock) {
    this.mapper = mapper;
    this.files = files;
    this.things = things;
    this.clock = clock;
  }

  /** Pictures of a thing, the latest first. */
  List<Photo> of(About about, UUID aboutId) {
    return mapper.of(about, aboutId);
  }

  /**
   * Keeps a picture: its file first, then what it is of. The same id again changes nothing.
   *
   * @param at when it was taken, where it had to wait on a device; null for now
   * @throws Problem 404 if there is no such thing
   * @throws InvalidValue if it is no picture, or too large
   */
  @Transactional
  public void keep(
      UUID id, About about, UUID aboutId, @Nullable Instant at, byte[] sent, Account who) {
    if (mapper.kept(id).isPresent()) {
      return;
    }
    things.refuseUnknown(about, aboutId);
    Picture picture = Picture.read(sent);
    files.keep(picture);
    Instant now = clock.instant();
    mapper.add(
        new Photo(
            id,
            about,
            aboutId,
            picture.width(),
            picture.height(),
            at == null || at.isAfter(now) ? now : at,
            who.name()),
        picture.fileName(),
        who.id());
  }

  /**
   * The file of a picture.
   *
   * @throws Problem 404 if it was struck out, never was, or its file is gone
   */
  Path file(UUID id) {
    return mapper
        .kept(id)
        .filter(kept -> !kept.struck())
        .flatMap(kept -> files.find(kept.fileName()))
        .orElseThrow(() -> Problem.missing(Missing.PICTURE));
  }

  /**
   * Strikes a picture out; that it was there stays on record, its file goes.
   *
   * @throws Problem 404 if it is not there, 409 if somebody else added it and it is not the keeper
   */
  @Transactional
  public void strike(UUID id, Account who) {
    PhotoMapper.Kept kept = mapper.kept(id).orElseThrow(() -> Problem.missing(Missing.PICTURE));
    if (who.role() != Role.KEEPER && !kept.accountId().equals(who.id())) {
      throw Problem.conflict(Fact.of("refused.photoOfAnother"));
    }
    mapper.strike(id, clock.instant(), who.name());
    if (mapper.naming(kept.fileName()) == 0) {
      TransactionSynchronizationManager.registerSynchronization(
          new TransactionSynchronization() {
            @Override
            public void afterCommit() {
              files.forget(kept.fileName());
            }
          });
    }
  }
}
