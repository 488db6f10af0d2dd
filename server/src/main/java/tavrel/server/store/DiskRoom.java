package tavrel.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/**
 * Whether the disk under the data folder has room left. Below a little rest nothing new is kept: a
 * database that meets the end of the disk while it writes closes itself.
 */
@Component
public class DiskRoom {

  /** Tells how many bytes are left. */
  interface Disk {
    long usable() throws IOException;
  }

  /** One block of the database's file hardly fits into less, bytes. */
  private static final long FULL_WHATEVER_IS_SET = 1024 * 1024;

  private final Disk disk;
  private final long least;

  @Autowired
  DiskRoom(@Value("${tavrel.data}") Path data, @Value("${tavrel.least-room}") DataSize least) {
    this(() -> usable(data), least.toBytes());
  }

  DiskRoom(Disk disk, long least) {
    this.disk = disk;
    this.least = Math.max(least, FULL_WHATEVER_IS_SET);
  }

  private static long usable(Path data) throws IOException {
    Path there = data.toAbsolutePath();
    while (!Files.exists(there) && there.getParent() != null) {
      there = there.getParent();
    }
    return Files.getFileStore(there).getUsableSpace();
  }

  /** Bytes that are left, or −1 where nobody can tell. */
  public long left() {
    try {
      return disk.usable();
    } catch (IOException unknown) {
      return -1;
    }
  }

  /** Whether so little is left that nothing new is kept. */
  public boolean isFull() {
    long left = left();
    return left >= 0 && left < least;
  }
}
