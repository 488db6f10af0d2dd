package tavrel.server.reporting.due;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tavrel.server.store.Reckoned;
import tavrel.server.store.Reckonings;

/** What is due, kept while nothing changes. */
@Component
class DueNow {

  private final Reckoned<List<DueTask>> tasks;

  DueNow(DueTasks tasks, Reckonings reckonings) {
    this.tasks = reckonings.keep("what is due", tasks::all);
  }

  /** All, most pressing first; empty while it is being reckoned. */
  Optional<List<DueTask>> tasks() {
    return tasks.now();
  }

  /** The same for who can wait: a calendar that is fetched in the background. */
  List<DueTask> awaited() {
    return tasks.awaited();
  }
}
