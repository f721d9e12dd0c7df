package ironshelf.http.json;

import java.util.Arrays;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Enums in addresses go by the names they travel under in JSON. */
@Configuration(proxyBeanMethods = false)
class EnumParameters implements WebMvcConfigurer {

  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverterFactory(new ByName());
  }

  @SuppressWarnings("rawtypes") // the converter's own bound
  private static final class ByName implements ConverterFactory<String, Enum> {
    @Override
    public <T extends Enum> Converter<String, T> getConverter(Class<T> type) {
      return name ->
          Arrays.stream(type.getEnumConstants())
              .filter(constant -> EnumNames.of(constant).equals(name))
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException(name + " is no " + type));
    }
  }
}
