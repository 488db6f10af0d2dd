package tavrel.server.http;

import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import tavrel.core.Fact;
import tavrel.server.words.Wording;

/** Something that the server will not do, told to the one who asked. */
public final class Problem extends RuntimeException {

  private static final long serialVersionUID = 1L;

  /** Said wherever something is not kept for want of room. */
  static final Fact DISK_FULL = Fact.of("refused.diskFull");

  private final ProblemType type;
  private final HttpStatus status;

  private final transient Fact fact;

  private Problem(ProblemType type, HttpStatus status, Fact fact) {
    super(Wording.PLAIN.of(fact));
    this.type = type;
    this.status = status;
    this.fact = fact;
  }

  /** 404: there is no such thing. */
  public static Problem missing(Missing what) {
    return new Problem(
        ProblemType.MISSING, HttpStatus.NOT_FOUND, Fact.of("refused.missing").word("what", what));
  }

  /** 409: not as things stand. */
  public static Problem conflict(Fact says) {
    return new Problem(ProblemType.CONFLICT, HttpStatus.CONFLICT, says);
  }

  /** 429: not so fast. */
  public static Problem tooOften(Fact says) {
    return new Problem(ProblemType.TOO_OFTEN, HttpStatus.TOO_MANY_REQUESTS, says);
  }

  /** 401: not signed in, or not with this. */
  public static Problem notSignedIn(Fact says) {
    return new Problem(ProblemType.NOT_SIGNED_IN, HttpStatus.UNAUTHORIZED, says);
  }

  /** 507: there is no room to keep anything. */
  public static Problem diskFull() {
    return new Problem(ProblemType.DISK_FULL, HttpStatus.INSUFFICIENT_STORAGE, DISK_FULL);
  }

  /** As it is answered. */
  ProblemDetail detail() {
    return type.problem(status, fact);
  }

  /** What is answered. */
  public HttpStatus status() {
    return status;
  }
}
