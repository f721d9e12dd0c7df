package ironshelf.http.json;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** How JSON is read and written at the door, and that nothing else like it is. */
@Configuration(proxyBeanMethods = false)
class JsonConfig implements WebMvcConfigurer {

  @Bean
  JsonMapperBuilderCustomizer strictNumbersAndAllFindings() {
    return builder -> CoreMapper.rules(builder, Misread.NOTED).addHandler(new CollectingHandler());
  }

  /** YAML comes with the library that writes the API's document; no request is to be in it. */
  @Override
  public void configureMessageConverters(HttpMessageConverters.ServerBuilder builder) {
    builder.configureMessageConvertersList(
        all -> all.removeIf(c -> c.getSupportedMediaTypes().contains(MediaType.APPLICATION_YAML)));
  }
}
