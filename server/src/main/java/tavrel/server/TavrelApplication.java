package tavrel.server;

import java.nio.file.Path;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Profiles;
import org.springframework.scheduling.annotation.EnableScheduling;
import tavrel.server.launch.Launch;
import tavrel.server.safekeeping.Restart;
import tavrel.server.safekeeping.SafeStart;
import tavrel.server.safekeeping.StartRefused;
import tavrel.server.store.MachineTime;

/** The one jar: pages, API and database. */
@SpringBootApplication(proxyBeanMethods = false)
@MapperScan(annotationClass = Mapper.class)
@EnableScheduling
public class TavrelApplication {

  /** Time for the last answer to go out before a new start. */
  private static final long ANSWER_MILLIS = 500;

  /** Starts it, or does what is asked of a data folder. */
  public static void main(String[] args) {
    List<String> settings = settings(List.of(args));
    try {
      if (settings != null) {
        start(settings);
      }
    } catch (StartRefused told) {
      System.exit(1);
    }
  }

  private static @Nullable List<String> settings(List<String> words) {
    try {
      return Launch.isFor(words) ? Launch.begin(words, System.out) : words;
    } catch (StartRefused refused) {
      System.err.println("tavrel: " + refused.getMessage());
      System.exit(1);
      return null;
    }
  }

  private static void start(List<String> settings) {
    SpringApplication application = new SpringApplication(TavrelApplication.class);
    application.addListeners(
        (ApplicationListener<ApplicationEnvironmentPreparedEvent>) TavrelApplication::look);
    application.addInitializers(
        context ->
            context
                .getBeanFactory()
                .registerSingleton("restart", (Restart) () -> anew(context, settings)));
    application.run(settings.toArray(String[]::new));
  }

  /**
   * The data folder is looked at before any database is opened; an outfit that was brought in takes
   * its place. The demo has none.
   */
  private static void look(ApplicationEnvironmentPreparedEvent event) {
    if (!event.getEnvironment().acceptsProfiles(Profiles.of("demo"))) {
      SafeStart.check(
          Path.of(event.getEnvironment().getRequiredProperty("tavrel.data")), MachineTime.now());
    }
  }

  /** No second browser is opened. */
  private static void anew(ConfigurableApplicationContext context, List<String> settings) {
    List<String> again =
        settings.stream().filter(each -> !each.startsWith(Launch.BROWSER)).toList();
    Thread restart =
        new Thread(
            () -> {
              try {
                Thread.sleep(ANSWER_MILLIS);
              } catch (InterruptedException interrupted) {
                Thread.currentThread().interrupt();
              }
              context.close();
              start(again);
            },
            "restart");
    // The server's own threads are daemons and hand that on; this one alone keeps the process alive
    // in between.
    restart.setDaemon(false);
    restart.start();
  }
}
