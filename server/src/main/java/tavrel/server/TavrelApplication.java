package tavrel.server;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Profiles;
import org.springframework.scheduling.annotation.EnableScheduling;
import tavrel.server.outfit.OutfitTask;
import tavrel.server.outfit.Restart;
import tavrel.server.outfit.SafeStart;
import tavrel.server.outfit.StartRefused;

/** The one jar: pages, API and database. */
@SpringBootApplication(proxyBeanMethods = false)
@MapperScan(annotationClass = Mapper.class)
@EnableScheduling
public class TavrelApplication {

  /** Time for the last answer to go out before a new start. */
  private static final long ANSWER_MILLIS = 500;

  /** Starts it, or does what the script asks of a data folder. */
  public static void main(String[] args) {
    if (OutfitTask.asked(List.of(args))) {
      System.exit(OutfitTask.run(List.of(args), System.out));
    }
    try {
      start(args);
    } catch (StartRefused told) {
      System.exit(1);
    }
  }

  private static void start(String[] args) {
    SpringApplication application = new SpringApplication(TavrelApplication.class);
    application.addListeners(
        (ApplicationListener<ApplicationEnvironmentPreparedEvent>) TavrelApplication::look);
    application.addInitializers(
        context ->
            context
                .getBeanFactory()
                .registerSingleton("restart", (Restart) () -> anew(context, args)));
    application.run(args);
  }

  /**
   * The data folder is looked at before any database is opened; an outfit that was brought in takes
   * its place. The demo has none.
   */
  private static void look(ApplicationEnvironmentPreparedEvent event) {
    if (!event.getEnvironment().acceptsProfiles(Profiles.of("demo"))) {
      SafeStart.check(
          Path.of(event.getEnvironment().getRequiredProperty("tavrel.data")), Instant.now());
    }
  }

  private static void anew(ConfigurableApplicationContext context, String[] args) {
    Thread restart =
        new Thread(
            () -> {
              try {
                Thread.sleep(ANSWER_MILLIS);
              } catch (InterruptedException interrupted) {
                Thread.currentThread().interrupt();
              }
              context.close();
              start(args);
            },
            "restart");
    // The server's own threads are daemons and hand that on; this one alone keeps the process alive
    // in between.
    restart.setDaemon(false);
    restart.start();
  }
}
