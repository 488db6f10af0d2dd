package tavrel.server.http;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.databind.introspect.AnnotationIntrospectorPair;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tavrel.server.words.FactJson;

/** JSON that keeps the promises of our records. */
@Configuration(proxyBeanMethods = false)
class JsonParts {

  @Bean
  Jackson2ObjectMapperBuilderCustomizer recordsKeepTheirPromise() {
    return builder ->
        builder.postConfigurer(
            mapper -> {
              FactJson.knowing(mapper);
              mapper.setAnnotationIntrospector(
                  AnnotationIntrospectorPair.pair(
                      mapper.getSerializationConfig().getAnnotationIntrospector(),
                      new RecordNullness()));
              // No list of ours has holes.
              mapper.setDefaultSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL));
            });
  }
}
