package tavrel.server.http;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import tavrel.core.Fact;

/**
 * Takes the body of a request in before anything else looks at it: no more than it may have, and
 * without holding a thread while it comes. A stranger who sends a byte every few seconds, on as
 * many connections as he likes, keeps nobody waiting; one who sends megabytes is cut off at the
 * first too many.
 *
 * <p>Files that somebody who is signed in brings in go past it: they have limits of their own, and
 * few come in at once.
 */
final class BodyGate extends HttpFilter {

  private static final long serialVersionUID = 1L;

  /** Largest body of somebody who is not signed in: a sign-in, or the first keeper's account. */
  static final int STRANGERS = 64 * 1024;

  /** Largest body of somebody who is: some thousand presses of a phone that was away for a day. */
  static final int SIGNED_IN = 1024 * 1024;

  /** What all bodies on their way may take of the heap together. */
  private static final long ALL_TOGETHER = 24L * 1024 * 1024;

  /** A body that has not come by then never will, ms. */
  private static final long LONGEST = 20_000;

  private static final int CHUNK = 8 * 1024;
  private static final String TAKEN_IN = BodyGate.class.getName() + ".body";

  private final transient ObjectMapper json;
  private final transient AtomicLong together = new AtomicLong();
  private final transient FilesComingIn files = new FilesComingIn();

  BodyGate(ObjectMapper json) {
    this.json = json;
  }

  @Override
  protected void doFilter(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    if (request.getAttribute(TAKEN_IN) instanceof byte[] body) {
      request.removeAttribute(TAKEN_IN);
      try {
        chain.doFilter(new ReadRequest(request, body), response);
      } finally {
        together.addAndGet(-body.length);
      }
      return;
    }
    if (request.getDispatcherType() != DispatcherType.REQUEST || !hasBody(request)) {
      chain.doFilter(request, response);
      return;
    }
    if (String.valueOf(request.getContentType()).contains("*")) {
      refuse(
          response,
          ProblemType.UNREADABLE,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          Fact.of("refused.sayKindOfBody"));
      return;
    }
    String known = signedIn(request);
    if (known != null && isFile(request)) {
      letFileIn(known, request, response, chain);
      return;
    }
    int most = known != null ? SIGNED_IN : STRANGERS;
    if (request.getContentLengthLong() > most) {
      refuse(response, ProblemType.TOO_LARGE, HttpStatus.PAYLOAD_TOO_LARGE, tooLarge(most));
    } else if (request.isAsyncSupported()) {
      takeIn(request, response, most);
    } else {
      byte[] body = request.getInputStream().readNBytes(most + 1);
      if (body.length > most) {
        refuse(response, ProblemType.TOO_LARGE, HttpStatus.PAYLOAD_TOO_LARGE, tooLarge(most));
      } else {
        chain.doFilter(new ReadRequest(request, body), response);
      }
    }
  }

  private void letFileIn(
      String who, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    if (!files.begin(who)) {
      refuse(
          response,
          ProblemType.TOO_OFTEN,
          HttpStatus.TOO_MANY_REQUESTS,
          Fact.of("refused.otherFilesComingIn"));
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      files.end(who);
    }
  }

  private void takeIn(HttpServletRequest request, HttpServletResponse response, int most)
      throws IOException {
    AsyncContext waiting = request.startAsync(request, response);
    waiting.setTimeout(LONGEST);
    Taking taking = new Taking(request, response, waiting, most);
    waiting.addListener(taking);
    request.getInputStream().setReadListener(taking);
  }

  /** One body on its way. */
  private final class Taking implements ReadListener, AsyncListener {

    private final HttpServletRequest request;
    private final HttpServletResponse response;
    private final AsyncContext waiting;
    private final int most;
    private final ServletInputStream in;
    private final ByteArrayOutputStream body = new ByteArrayOutputStream();
    private final byte[] chunk = new byte[CHUNK];
    private boolean over;

    Taking(HttpServletRequest request, HttpServletResponse response, AsyncContext waiting, int most)
        throws IOException {
      this.request = request;
      this.response = response;
      this.waiting = waiting;
      this.most = most;
      this.in = request.getInputStream();
    }

    @Override
    public synchronized void onDataAvailable() throws IOException {
      while (!over && in.isReady() && !in.isFinished()) {
        int got = in.read(chunk);
        if (got < 0) {
          return;
        }
        if (body.size() + got > most) {
          end(ProblemType.TOO_LARGE, HttpStatus.PAYLOAD_TOO_LARGE, tooLarge(most));
        } else if (together.addAndGet(got) > ALL_TOGETHER) {
          body.write(chunk, 0, got);
          end(
              ProblemType.TRY_AGAIN,
              HttpStatus.SERVICE_UNAVAILABLE,
              Fact.of("refused.tooMuchAtOnce"));
        } else {
          body.write(chunk, 0, got);
        }
      }
    }

    @Override
    public synchronized void onAllDataRead() {
      if (!over) {
        over = true;
        request.setAttribute(TAKEN_IN, body.toByteArray());
        waiting.dispatch();
      }
    }

    @Override
    public synchronized void onError(Throwable broken) {
      letGo();
      try {
        waiting.complete();
      } catch (IllegalStateException alreadyOver) {
        // The connection is gone: there is nobody to answer.
      }
    }

    @Override
    public synchronized void onTimeout(AsyncEvent event) throws IOException {
      end(ProblemType.TOO_SLOW, HttpStatus.REQUEST_TIMEOUT, Fact.of("refused.tooSlow"));
    }

    @Override
    public void onComplete(AsyncEvent event) {
      // Whatever was taken in has been handed on or let go.
    }

    @Override
    public void onError(AsyncEvent event) {
      onError(event.getThrowable());
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
      // What is begun later has listeners of its own.
    }

    private void end(ProblemType type, HttpStatus status, Fact says) throws IOException {
      if (!over) {
        letGo();
        refuse(response, type, status, says);
        waiting.complete();
      }
    }

    private void letGo() {
      if (!over) {
        over = true;
        together.addAndGet(-body.size());
      }
    }
  }

  private static boolean hasBody(HttpServletRequest request) {
    return request.getContentLengthLong() > 0
        || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
  }

  private static boolean isFile(HttpServletRequest request) {
    String type = request.getContentType();
    String plain = type == null ? "" : type.toLowerCase(Locale.ROOT);
    return plain.startsWith("multipart/form-data") || plain.startsWith("application/zip");
  }

  /** Who is signed in on this session, by a name of nobody else's; null for a stranger. */
  private static @Nullable String signedIn(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    return session != null
            && session.getAttribute(
                    HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY)
                instanceof SecurityContext context
            && context.getAuthentication() != null
        ? context.getAuthentication().getName()
        : null;
  }

  private static Fact tooLarge(int most) {
    return Fact.of("refused.tooLarge").figure("most", most / 1024);
  }

  private void refuse(HttpServletResponse response, ProblemType type, HttpStatus status, Fact says)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setHeader(HttpHeaders.CONNECTION, "close");
    json.writeValue(response.getOutputStream(), type.problem(status, says));
  }
}
