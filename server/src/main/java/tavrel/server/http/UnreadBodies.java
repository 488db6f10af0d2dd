package tavrel.server.http;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.io.InputStream;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/**
 * Ends a connection whose request was answered before its body came: the connector would wait for
 * the rest of it, and hold a thread, before it served anybody else there. What has come already is
 * read, so that whoever sent it hears the answer.
 */
final class UnreadBodies extends ValveBase {

  private static final int MOST_READ = 64 * 1024;
  private static final int CHUNK = 8 * 1024;

  UnreadBodies() {
    super(true);
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    getNext().invoke(request, response);
    if (!request.isAsync() && !request.getCoyoteRequest().isFinished()) {
      readWhatCame(request);
      if (!request.getCoyoteRequest().isFinished()) {
        request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
      }
    }
  }

  private static void readWhatCame(Request request) {
    byte[] chunk = new byte[CHUNK];
    try {
      InputStream in = request.getInputStream();
      for (int read = 0; read < MOST_READ && in.available() > 0; ) {
        int got = in.read(chunk, 0, Math.min(CHUNK, in.available()));
        if (got < 0) {
          return;
        }
        read += got;
      }
    } catch (IOException | IllegalStateException broken) {
      // Then the connection ends as it is.
    }
  }
}
