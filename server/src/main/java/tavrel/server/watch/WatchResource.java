package tavrel.server.watch;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tavrel.core.InvalidValue;
import tavrel.core.watch.Sample;
import tavrel.core.watch.SimulatedBowl;
import tavrel.server.people.Account;
import tavrel.server.people.AllowedTo;
import tavrel.server.people.Role;

/** The tools of a run under watch, each by its number in the run. */
@RestController
@RequestMapping("/api/rounds/{id}/watch")
class WatchResource {

  private static final int MOST_AT_ONCE = 500;
  private static final int LONGEST_NAME = 60;

  /**
   * What to watch.
   *
   * @param source where samples come from
   */
  record NewWatch(ToolWatches.Source source) {}

  /**
   * Whether the end of a load is logged by itself.
   *
   * @param on it is
   */
  record ByItself(boolean on) {}

  /**
   * What goes wrong with the next load of a simulated tool.
   *
   * @param fault which
   */
  record NextFault(SimulatedBowl.Fault fault) {}

  private final ToolWatches watches;

  WatchResource(ToolWatches watches) {
    this.watches = watches;
  }

  /** What the watcher of a bowl sees. */
  @GetMapping
  ToolWatches.WatchView view(@PathVariable UUID id, @RequestParam(defaultValue = "1") int tool) {
    return watches.view(new ToolWatches.Which(id, tool));
  }

  /** Begins to watch a bowl. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping
  ToolWatches.WatchView begin(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "1") int tool,
      @RequestBody NewWatch wanted,
      @AuthenticationPrincipal Account who) {
    watches.begin(new ToolWatches.Which(id, tool), wanted.source(), who);
    return watches.view(new ToolWatches.Which(id, tool));
  }

  /** Plays a recorded trace of a bowl. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping(value = "/trace", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  ToolWatches.WatchView play(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "1") int tool,
      @RequestPart MultipartFile file,
      @AuthenticationPrincipal Account who)
      throws IOException {
    String name = file.getOriginalFilename() == null ? "file" : file.getOriginalFilename();
    watches.play(
        new ToolWatches.Which(id, tool),
        file.getBytes(),
        name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name,
        who);
    return watches.view(new ToolWatches.Which(id, tool));
  }

  /** Samples of a real tool, on a clock of its own that begins with the watch. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/samples")
  ToolWatches.WatchView send(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "1") int tool,
      @RequestBody List<Sample> samples) {
    InvalidValue.inRange("samples", samples.size(), 0, MOST_AT_ONCE, "at once");
    watches.send(new ToolWatches.Which(id, tool), samples);
    return watches.view(new ToolWatches.Which(id, tool));
  }

  /** Sets whether ends of loads are logged by themselves. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PutMapping("/by-itself")
  ToolWatches.WatchView byItself(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "1") int tool,
      @RequestBody ByItself wanted) {
    watches.byItself(new ToolWatches.Which(id, tool), wanted.on());
    return watches.view(new ToolWatches.Which(id, tool));
  }

  /** Says that nothing went in when the bowl fell without a mark. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/answered")
  ToolWatches.WatchView answered(
      @PathVariable UUID id, @RequestParam(defaultValue = "1") int tool) {
    watches.answered(new ToolWatches.Which(id, tool));
    return watches.view(new ToolWatches.Which(id, tool));
  }

  /** Lets the next load of a simulated bowl go wrong, for practice. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @PostMapping("/fault")
  ToolWatches.WatchView fault(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "1") int tool,
      @RequestBody NextFault wanted) {
    watches.breakNext(new ToolWatches.Which(id, tool), wanted.fault());
    return watches.view(new ToolWatches.Which(id, tool));
  }

  /** Ends watching a bowl. */
  @AllowedTo({Role.KEEPER, Role.CREW})
  @DeleteMapping
  ToolWatches.WatchView end(@PathVariable UUID id, @RequestParam(defaultValue = "1") int tool) {
    watches.end(new ToolWatches.Which(id, tool));
    return watches.view(new ToolWatches.Which(id, tool));
  }
}
