package ironshelf.http.document;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import ironshelf.access.Money;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.http.json.CoreJson;
import ironshelf.http.json.EnumNames;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Iterator;
import org.jspecify.annotations.Nullable;

/**
 * Describes enums by the names they travel under, and marks a record's components as required
 * unless they are {@code @Nullable}, {@link Money} (which not everybody gets) or have a value
 * {@link WhenMissing}, which is then said.
 */
final class RecordSchemas implements ModelConverter {

  @Override
  public @Nullable Schema<?> resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    if (!chain.hasNext()) {
      return null;
    }
    Class<?> raw = rawClass(type.getType());
    if (raw != null && raw.isEnum()) {
      StringSchema names = new StringSchema();
      Arrays.stream(raw.getEnumConstants()).map(EnumNames::of).forEach(names::addEnumItem);
      return names;
    }
    if (raw != null && CoreJson.LISTS.contains(raw)) {
      return new ArraySchema().items(new NumberSchema()).minItems(2);
    }
    Schema<?> schema = chain.next().resolve(type, context, chain);
    if (schema != null && raw != null && raw.isRecord()) {
      describe(raw, defined(schema, context));
    }
    return schema;
  }

  private static @Nullable Schema<?> defined(Schema<?> schema, ModelConverterContext context) {
    String ref = schema.get$ref();
    return ref == null
        ? schema
        : context.getDefinedModels().get(ref.substring(ref.lastIndexOf('/') + 1));
  }

  private static void describe(Class<?> raw, @Nullable Schema<?> model) {
    if (model == null || model.getProperties() == null) {
      return;
    }
    for (RecordComponent component : raw.getRecordComponents()) {
      String name = component.getName();
      Schema<?> property = (Schema<?>) model.getProperties().get(name);
      WhenMissing whenMissing = component.getAnnotation(WhenMissing.class);
      if (property == null) {
        continue;
      }
      if (whenMissing != null) {
        property.setDescription("taken as " + whenMissing.value() + " where it is not given");
      } else if (component.getAnnotation(Money.class) == null
          && !component.getAnnotatedType().isAnnotationPresent(Nullable.class)
          && (model.getRequired() == null || !model.getRequired().contains(name))) {
        model.addRequiredItem(name);
      }
    }
  }

  private static @Nullable Class<?> rawClass(@Nullable Type type) {
    if (type instanceof Class<?> c) {
      return c;
    }
    if (type instanceof com.fasterxml.jackson.databind.JavaType java) {
      return java.getRawClass();
    }
    return type instanceof ParameterizedType generic ? rawClass(generic.getRawType()) : null;
  }
}
