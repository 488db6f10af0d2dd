package tavrel.server.http;

import java.net.URI;
import java.util.Locale;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import tavrel.core.Fact;
import tavrel.server.words.Wording;

/** Kinds of refusals, by a name that a program can tell apart; words are for people. */
public enum ProblemType {
  /** A value that cannot be, at the fields that are named. */
  INVALID,
  /** A body that cannot be read. */
  UNREADABLE,
  /** A body or file larger than is taken. */
  TOO_LARGE,
  /** There is no such thing. */
  MISSING,
  /** Not as things stand. */
  CONFLICT,
  /** Not so fast. */
  TOO_OFTEN,
  /** Not signed in, or not with this. */
  NOT_SIGNED_IN,
  /** The role does not allow it. */
  FORBIDDEN,
  /** The password is still the keeper's; it must be changed first. */
  FIRST_PASSWORD,
  /** The page's token is missing or old. */
  STALE_PAGE,
  /** The disk has no room; nothing new is kept. */
  DISK_FULL,
  /** It may go well in a moment. */
  TRY_AGAIN,
  /** The body did not come in time. */
  TOO_SLOW,
  /** A mistake of the program. */
  BROKEN;

  private static final String PREFIX = "urn:tavrel:problem:";

  /** The same as it is sent, {@code urn:tavrel:problem:disk-full}. */
  public URI uri() {
    return URI.create(PREFIX + name().toLowerCase(Locale.ROOT).replace('_', '-'));
  }

  /** A problem of this kind: in English for programs, and as a fact for whoever reads. */
  public ProblemDetail problem(HttpStatusCode status, Fact says) {
    ProblemDetail problem = atFields(status, Wording.PLAIN.of(says));
    problem.setProperty("fact", says);
    return problem;
  }

  /** A problem of this kind that is told field by field. */
  ProblemDetail atFields(HttpStatusCode status, String says) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, says);
    problem.setType(uri());
    return problem;
  }
}
