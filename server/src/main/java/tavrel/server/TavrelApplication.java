package tavrel.server;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The one jar: pages, API and database. */
@SpringBootApplication(proxyBeanMethods = false)
@MapperScan(annotationClass = Mapper.class)
public class TavrelApplication {

  /** Starts it. */
  public static void main(String[] args) {
    SpringApplication.run(TavrelApplication.class, args);
  }
}
