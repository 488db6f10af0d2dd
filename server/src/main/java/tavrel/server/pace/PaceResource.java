package tavrel.server.pace;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.core.pace.UsualWork;

/** How the outfit usually works. */
@RestController
@RequestMapping("/api/usual-work")
class PaceResource {

  private final PaceService paceService;

  PaceResource(PaceService paceService) {
    this.paceService = paceService;
  }

  /** How the outfit usually works: people, cloths, times. */
  @GetMapping
  UsualWork usual() {
    return paceService.usual();
  }

  /** Keeps how the outfit usually works. */
  @PutMapping
  UsualWork keep(@RequestBody UsualWork work) {
    paceService.keep(work);
    return paceService.usual();
  }
}
