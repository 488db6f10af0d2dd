package tavrel.server;

import java.time.Clock;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;
import tavrel.core.weather.SimulatedStation;

/** Parts that stand in for the world outside: its clock and its weather. */
@Configuration(proxyBeanMethods = false)
class TavrelParts {

  private static final long WEATHER_SEED = 20_260_818L;

  @Bean
  @ConditionalOnMissingBean
  Clock clock() {
    return Clock.systemUTC();
  }

  /** Made-up weather for the demo alone: outside it, hours that nobody tells of are unknown. */
  @Bean
  @Profile("demo")
  SimulatedStation station() {
    return new SimulatedStation(WEATHER_SEED);
  }
}
