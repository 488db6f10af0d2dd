package tavrel.server.http;

import org.springframework.http.HttpStatus;

/** Something that the server will not do, said in plain words to the one who asked. */
public final class Problem extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final HttpStatus status;

  private Problem(HttpStatus status, String says) {
    super(says);
    this.status = status;
  }

  /** 404: there is no such thing. */
  public static Problem missing(String what) {
    return new Problem(HttpStatus.NOT_FOUND, what + " was not found; it may have been removed.");
  }

  /** 409: not as things stand. */
  public static Problem conflict(String says) {
    return new Problem(HttpStatus.CONFLICT, says);
  }

  /** 429: not so fast. */
  public static Problem tooOften(String says) {
    return new Problem(HttpStatus.TOO_MANY_REQUESTS, says);
  }

  /** 401: not signed in, or not with this. */
  public static Problem notSignedIn(String says) {
    return new Problem(HttpStatus.UNAUTHORIZED, says);
  }

  /** 507: there is no room to keep anything. */
  public static Problem diskFull(String says) {
    return new Problem(HttpStatus.INSUFFICIENT_STORAGE, says);
  }

  /** What is answered. */
  public HttpStatus status() {
    return status;
  }
}
