package tavrel.server.http;

import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Something that the server will not do, said in plain words to the one who asked. */
public final class Problem extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final ProblemType type;
  private final HttpStatus status;

  private Problem(ProblemType type, HttpStatus status, String says) {
    super(says);
    this.type = type;
    this.status = status;
  }

  /** 404: there is no such thing. */
  public static Problem missing(String what) {
    return new Problem(
        ProblemType.MISSING,
        HttpStatus.NOT_FOUND,
        what + " was not found; it may have been removed.");
  }

  /** 409: not as things stand. */
  public static Problem conflict(String says) {
    return new Problem(ProblemType.CONFLICT, HttpStatus.CONFLICT, says);
  }

  /** 429: not so fast. */
  public static Problem tooOften(String says) {
    return new Problem(ProblemType.TOO_OFTEN, HttpStatus.TOO_MANY_REQUESTS, says);
  }

  /** 401: not signed in, or not with this. */
  public static Problem notSignedIn(String says) {
    return new Problem(ProblemType.NOT_SIGNED_IN, HttpStatus.UNAUTHORIZED, says);
  }

  /** 507: there is no room to keep anything. */
  public static Problem diskFull(String says) {
    return new Problem(ProblemType.DISK_FULL, HttpStatus.INSUFFICIENT_STORAGE, says);
  }

  /** As it is answered. */
  ProblemDetail detail() {
    return type.problem(status, String.valueOf(getMessage()));
  }

  /** What is answered. */
  public HttpStatus status() {
    return status;
  }
}
