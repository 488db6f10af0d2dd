package tavrel.server.http;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/**
 * A request whose body has been read. It is one that has just come in: that it was dispatched anew
 * once its body was there must not let it past any rule.
 */
final class ReadRequest extends HttpServletRequestWrapper {

  private final byte[] body;

  ReadRequest(HttpServletRequest request, byte[] body) {
    super(request);
    this.body = body;
  }

  @Override
  public DispatcherType getDispatcherType() {
    return isAsyncStarted() ? super.getDispatcherType() : DispatcherType.REQUEST;
  }

  @Override
  public int getContentLength() {
    return body.length;
  }

  @Override
  public long getContentLengthLong() {
    return body.length;
  }

  @Override
  public ServletInputStream getInputStream() {
    return new Body(new ByteArrayInputStream(body));
  }

  @Override
  public BufferedReader getReader() {
    String named = getCharacterEncoding();
    Charset charset = named == null ? StandardCharsets.UTF_8 : Charset.forName(named);
    return new BufferedReader(new InputStreamReader(getInputStream(), charset));
  }

  /** Bytes that are all there. */
  private static final class Body extends ServletInputStream {

    private final ByteArrayInputStream bytes;

    Body(ByteArrayInputStream bytes) {
      this.bytes = bytes;
    }

    @Override
    public int read() {
      return bytes.read();
    }

    @Override
    public int read(byte[] into, int from, int most) {
      return bytes.read(into, from, most);
    }

    @Override
    public boolean isFinished() {
      return bytes.available() == 0;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      try {
        listener.onDataAvailable();
        listener.onAllDataRead();
      } catch (IOException broken) {
        listener.onError(broken);
      }
    }
  }
}
