package tavrel.server.http;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.DispatcherType;
import java.util.EnumSet;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

/** Filters before everything else. */
@Configuration(proxyBeanMethods = false)
class HttpParts {

  @Bean
  FilterRegistrationBean<BodyGate> bodyGate(ObjectMapper json) {
    FilterRegistrationBean<BodyGate> gate = new FilterRegistrationBean<>(new BodyGate(json));
    gate.setOrder(Ordered.HIGHEST_PRECEDENCE);
    gate.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
    gate.setAsyncSupported(true);
    return gate;
  }
}
