package ironshelf.http.document;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import ironshelf.http.json.CoreJson;
import java.util.LinkedHashMap;
import java.util.Map;

/** Describes core's sealed kinds: one of these, told apart by its {@code kind}. */
final class KindSchemas {

  private static final String PREFIX = "#/components/schemas/";

  private KindSchemas() {}

  @SuppressWarnings({"rawtypes", "unchecked"}) // the library's schema maps are raw
  static void describe(OpenAPI api, Class<?> type, Class<?> mixIn) {
    Map<String, Schema> schemas = api.getComponents().getSchemas();
    Schema<?> any = new Schema<>();
    Discriminator discriminator = new Discriminator().propertyName(CoreJson.KIND);
    for (JsonSubTypes.Type sub : mixIn.getAnnotation(JsonSubTypes.class).value()) {
      String name = sub.value().getSimpleName();
      any.addOneOfItem(new Schema<>().$ref(PREFIX + name));
      discriminator.mapping(sub.name(), PREFIX + name);
      schemas.put(name, flat(schemas.get(name), sub.name()));
    }
    schemas.put(type.getSimpleName(), any.discriminator(discriminator));
  }

  /** A kind's own properties without the reference back to what it is one of. */
  @SuppressWarnings({"rawtypes", "unchecked"})
  private static Schema<?> flat(Schema<?> schema, String kind) {
    Map<String, Schema> properties = new LinkedHashMap<>();
    if (schema.getAllOf() != null) {
      schema.getAllOf().stream()
          .filter(part -> part.getProperties() != null)
          .forEach(part -> properties.putAll(part.getProperties()));
    }
    if (schema.getProperties() != null) {
      properties.putAll(schema.getProperties());
    }
    properties.put(CoreJson.KIND, new StringSchema().addEnumItem(kind));
    Schema<?> flat = new ObjectSchema();
    flat.setProperties(properties);
    flat.setRequired(schema.getRequired());
    flat.addRequiredItem(CoreJson.KIND);
    return flat;
  }
}
