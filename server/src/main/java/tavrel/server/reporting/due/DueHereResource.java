package tavrel.server.reporting.due;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is due of one yard or one hive: the same lines as on Today. */
@RestController
class DueHereResource {

  /**
   * What is due there.
   *
   * @param reckoning whether it is being reckoned; the list is empty then: ask again
   * @param dueTasks most pressing first; those put off too, told so
   */
  record DueHere(boolean reckoning, List<DueTask> dueTasks) {}

  private final DueNow due;

  DueHereResource(DueNow due) {
    this.due = due;
  }

  /**
   * What is due of a yard, or of a hive; of the outfit where neither is named.
   *
   * @param apiaryId the yard, or null for any
   * @param hiveId the hive, or null for any; lines about its whole yard are no lines about it
   */
  @GetMapping("/api/due")
  DueHere here(
      @RequestParam(required = false) @Nullable UUID apiaryId,
      @RequestParam(required = false) @Nullable UUID hiveId) {
    List<DueTask> all = due.tasks().orElse(null);
    return all == null
        ? new DueHere(true, List.of())
        : new DueHere(
            false,
            all.stream()
                .filter(each -> apiaryId == null || each.apiaryId().equals(apiaryId))
                .filter(each -> hiveId == null || each.allHives().contains(hiveId))
                .toList());
  }
}
