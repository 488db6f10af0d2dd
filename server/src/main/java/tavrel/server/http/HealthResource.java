package tavrel.server.http;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.store.DiskRoom;

/** Whether the server is well, for whatever watches over it. Tells nothing else. */
@RestController
class HealthResource {

  private static final int PATIENCE_SECONDS = 2;

  /**
   * How it is.
   *
   * @param well whether everything is as it should be
   * @param database whether the database answers
   * @param diskRoom whether the disk has room for what is new
   */
  record Health(boolean well, boolean database, boolean diskRoom) {}

  private final DataSource database;
  private final DiskRoom room;

  HealthResource(DataSource database, DiskRoom room) {
    this.database = database;
    this.room = room;
  }

  /** 200 where all is well, 503 where it is not. */
  @GetMapping("/health")
  ResponseEntity<Health> health() {
    boolean answers = answers();
    boolean hasRoom = !room.isFull();
    boolean well = answers && hasRoom;
    return ResponseEntity.status(well ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE)
        .body(new Health(well, answers, hasRoom));
  }

  private boolean answers() {
    try (Connection connection = database.getConnection()) {
      return connection.isValid(PATIENCE_SECONDS);
    } catch (SQLException silent) {
      return false;
    }
  }
}
