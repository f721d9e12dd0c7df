package ironshelf.http;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.MapperFeature;

/** One way to read and write JSON, at the door and, in store, in JSON columns. */
@Configuration(proxyBeanMethods = false)
class JsonConfig {

  @Bean
  JsonMapperBuilderCustomizer strictNumbersAndAllFindings() {
    return builder -> {
      CoreJson.KINDS.forEach(builder::addMixIn);
      CoreJson.LISTS.forEach(type -> builder.addMixIn(type, CoreJson.ListJson.class));
      builder
          .enumNamingStrategy(EnumNamingStrategies.LOWER_CAMEL_CASE)
          .addModule(NumberReading.module())
          .addModule(DayNames.module())
          .addHandler(new CollectingHandler())
          .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
          .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
          .disable(StreamReadFeature.INCLUDE_SOURCE_IN_LOCATION);
    };
  }
}
