package tavrel.server.store;

import org.mybatis.spring.boot.autoconfigure.SqlSessionFactoryBeanCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How mappers read rows. */
@Configuration(proxyBeanMethods = false)
class MapperSettings {

  @Bean
  SqlSessionFactoryBeanCustomizer rowsAreRecords() {
    return factory -> factory.setConfiguration(new RecordRows());
  }
}
