package tavrel.server.run;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/**
 * Tells every screen that looks at a run when it has moved, so that it fetches the board at once.
 * Nothing of the run travels here: the board is asked for with the rights of whoever asks.
 */
@Service
class RunStreams {

  /** A screen comes back by itself after this long. */
  private static final Duration LONGEST = Duration.ofMinutes(30);

  private static final Duration BEAT = Duration.ofSeconds(15);
  private static final int MOST_PER_ROUND = 64;

  private final Map<UUID, List<SseEmitter>> open = new ConcurrentHashMap<>();

  /** One thread sends, so that a slow screen never holds up a press. */
  private final ScheduledExecutorService sender =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "run-streams");
            thread.setDaemon(true);
            return thread;
          });

  RunStreams() {
    ScheduledFuture<?> unused =
        sender.scheduleWithFixedDelay(
            this::beat, BEAT.toSeconds(), BEAT.toSeconds(), TimeUnit.SECONDS);
  }

  SseEmitter open(UUID roundId) {
    SseEmitter screen = new SseEmitter(LONGEST.toMillis());
    List<SseEmitter> screens =
        open.compute(
            roundId,
            (id, known) -> {
              List<SseEmitter> looking = known == null ? new CopyOnWriteArrayList<>() : known;
              looking.add(screen);
              return looking;
            });
    screen.onCompletion(() -> screens.remove(screen));
    screen.onTimeout(screen::complete);
    screen.onError(broken -> screens.remove(screen));
    if (screens.size() > MOST_PER_ROUND) {
      screens.get(0).complete();
    }
    begin(screens, screen);
    sender.execute(() -> send(screens, screen, "open"));
    return screen;
  }

  @EventListener
  void moved(RunMoved run) {
    sender.execute(() -> tell(run.roundId(), "moved"));
  }

  private void beat() {
    open.keySet().forEach(round -> tell(round, "beat"));
  }

  private void tell(UUID roundId, String what) {
    List<SseEmitter> screens = open.getOrDefault(roundId, List.of());
    screens.forEach(screen -> send(screens, screen, what));
    open.computeIfPresent(roundId, (id, left) -> left.isEmpty() ? null : left);
  }

  /**
   * A comment that goes out in the request's own thread, and its headers with it: the sender must
   * never be the one that writes them while the request is still about to.
   */
  private static void begin(List<SseEmitter> screens, SseEmitter screen) {
    send(screens, screen, SseEmitter.event().comment(""));
  }

  private static void send(List<SseEmitter> screens, SseEmitter screen, String what) {
    send(screens, screen, SseEmitter.event().name(what).data(""));
  }

  private static void send(List<SseEmitter> screens, SseEmitter screen, SseEventBuilder event) {
    try {
      screen.send(event);
    } catch (IOException | IllegalStateException gone) {
      screens.remove(screen);
    }
  }

  /** Before the server waits for requests under way to end: these never would. */
  @EventListener(ContextClosedEvent.class)
  void end() {
    sender.shutdownNow();
    open.values().forEach(screens -> screens.forEach(SseEmitter::complete));
  }
}
