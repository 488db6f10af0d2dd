package tavrel.server;

import java.time.Clock;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tavrel.core.weather.SimulatedStation;
import tavrel.core.weather.WeatherSource;

/** Parts that stand in for the world outside: its clock and its weather. */
@Configuration(proxyBeanMethods = false)
class TavrelParts {

  private static final long WEATHER_SEED = 20_260_818L;

  @Bean
  @ConditionalOnMissingBean
  Clock clock() {
    return Clock.systemUTC();
  }

  @Bean
  WeatherSource weather() {
    return new SimulatedStation(WEATHER_SEED);
  }
}
