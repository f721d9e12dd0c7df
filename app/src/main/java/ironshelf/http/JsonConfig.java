package ironshelf.http;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How JSON is read and written at the door. */
@Configuration(proxyBeanMethods = false)
class JsonConfig {

  @Bean
  JsonMapperBuilderCustomizer strictNumbersAndAllFindings() {
    return builder -> CoreMapper.rules(builder, Misread.NOTED).addHandler(new CollectingHandler());
  }
}
