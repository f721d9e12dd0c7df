package ironshelf.http;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import ironshelf.core.quantity.WhenMissing;
import java.lang.reflect.RecordComponent;
import java.util.Iterator;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document, written from the code. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfig {

  @Bean
  OpenAPI description() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Iron Shelf")
                .version("1")
                .description(
                    "Batch production in a small concrete-craft workshop. Units stand at the end"
                        + " of each name: kg, L, mm, m2, C, H (hours), Min. Refusals are problem"
                        + " documents (RFC 9457) with a code and a list of errors."));
  }

  /** The address depends on where it runs and does not belong in a document that is checked in. */
  @Bean
  OpenApiCustomizer noServers() {
    return api -> api.setServers(null);
  }

  @Bean
  RequiredComponents requiredComponents(ObjectMapperProvider provider) {
    CoreJson.MIX_INS.forEach(provider.jsonMapper()::addMixIn);
    return new RequiredComponents();
  }

  /**
   * Marks a record's components as required, unless they are {@code @Nullable} or have a value
   * {@link WhenMissing}, which is then said.
   */
  static final class RequiredComponents implements ModelConverter {

    @Override
    public @Nullable Schema<?> resolve(
        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
      if (!chain.hasNext()) {
        return null;
      }
      Schema<?> schema = chain.next().resolve(type, context, chain);
      Class<?> raw = rawClass(type.getType());
      if (schema != null && raw != null && raw.isRecord()) {
        Schema<?> model =
            schema.get$ref() == null
                ? schema
                : context
                    .getDefinedModels()
                    .get(schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1));
        describe(raw, model);
      }
      return schema;
    }

    private static void describe(Class<?> raw, @Nullable Schema<?> model) {
      if (model == null || model.getProperties() == null) {
        return;
      }
      for (RecordComponent component : raw.getRecordComponents()) {
        Schema<?> property = (Schema<?>) model.getProperties().get(component.getName());
        WhenMissing whenMissing = component.getAnnotation(WhenMissing.class);
        if (property == null) {
          continue;
        }
        if (whenMissing != null) {
          property.setDescription("taken as " + whenMissing.value() + " where it is not given");
        } else if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)
            && !(model.getRequired() != null
                && model.getRequired().contains(component.getName()))) {
          model.addRequiredItem(component.getName());
        }
      }
    }

    private static @Nullable Class<?> rawClass(java.lang.reflect.Type type) {
      if (type instanceof Class<?> c) {
        return c;
      }
      if (type instanceof com.fasterxml.jackson.databind.JavaType java) {
        return java.getRawClass();
      }
      return type instanceof java.lang.reflect.ParameterizedType generic
          ? rawClass(generic.getRawType())
          : null;
    }
  }
}
