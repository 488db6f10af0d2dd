package tavrel.server.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.util.concurrent.atomic.AtomicBoolean;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/** A file system under the database whose disk can be filled and emptied: {@code full:/path}. */
public final class FullDisk extends FilePathWrapper {

  static final String SCHEME = "full";
  static final AtomicBoolean FULL = new AtomicBoolean();

  static {
    FilePath.register(new FullDisk());
  }

  /** Makes the file system known to the database. */
  static void plugIn() {
    // Loading the class has done it.
  }

  @Override
  public String getScheme() {
    return SCHEME;
  }

  @Override
  public FileChannel open(String mode) throws IOException {
    return new Channel(super.open(mode));
  }

  /** Writes nothing while the disk is full. */
  private static final class Channel extends FileBaseDefault {

    private final FileChannel file;

    Channel(FileChannel file) {
      this.file = file;
    }

    @Override
    public long size() throws IOException {
      return file.size();
    }

    @Override
    public synchronized int read(ByteBuffer into, long at) throws IOException {
      return file.read(into, at);
    }

    @Override
    public synchronized int write(ByteBuffer from, long at) throws IOException {
      if (FULL.get()) {
        throw new IOException("No space left on device");
      }
      return file.write(from, at);
    }

    @Override
    protected void implTruncate(long size) throws IOException {
      file.truncate(size);
    }

    @Override
    public void force(boolean everything) throws IOException {
      file.force(everything);
    }

    @Override
    protected void implCloseChannel() throws IOException {
      file.close();
    }

    @Override
    public java.nio.channels.FileLock tryLock(long at, long size, boolean shared)
        throws IOException {
      return file.tryLock(at, size, shared);
    }
  }
}
