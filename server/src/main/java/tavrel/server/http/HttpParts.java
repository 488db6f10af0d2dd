package tavrel.server.http;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.DispatcherType;
import java.util.EnumSet;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

/** What stands before everything else. */
@Configuration(proxyBeanMethods = false)
class HttpParts {

  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> unreadBodies() {
    return tomcat -> tomcat.addEngineValves(new UnreadBodies());
  }

  @Bean
  FilterRegistrationBean<BodyGate> bodyGate(ObjectMapper json) {
    FilterRegistrationBean<BodyGate> gate = new FilterRegistrationBean<>(new BodyGate(json));
    gate.setOrder(Ordered.HIGHEST_PRECEDENCE);
    gate.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
    gate.setAsyncSupported(true);
    return gate;
  }
}
