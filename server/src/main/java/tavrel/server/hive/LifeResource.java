package tavrel.server.hive;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tavrel.server.people.Account;

/** What happens in the lives of hives. */
@RestController
@RequestMapping("/api/hive-acts")
class LifeResource {

  /**
   * Why an act is taken back.
   *
   * @param why in a few words, or null
   */
  record TakeBack(@Nullable String why) {}

  private final HiveLives lives;

  LifeResource(HiveLives lives) {
    this.lives = lives;
  }

  /** Writes down a move, a new name, a queen, a union or an end of one hive or many. */
  @PutMapping("/{actId}")
  void act(
      @PathVariable UUID actId, @RequestBody NewAct act, @AuthenticationPrincipal Account who) {
    lives.act(actId, act, who);
  }

  /** Takes an act back, for all its hives; it stays on record, struck out. */
  @PostMapping("/{actId}/take-back")
  void takeBack(
      @PathVariable UUID actId, @RequestBody TakeBack back, @AuthenticationPrincipal Account who) {
    lives.takeBack(actId, back.why(), who);
  }
}
