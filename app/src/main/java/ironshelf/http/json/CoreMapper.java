package ironshelf.http.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.lang.reflect.Type;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.MapperBuilder;
import tools.jackson.databind.json.JsonMapper;

/**
 * Core's records as JSON: the names of their kinds, strict numbers, nothing unknown. Stops at the
 * first thing wrong; the door's own mapper follows the same rules and gathers all that is wrong.
 */
public final class CoreMapper {

  private final JsonMapper mapper =
      rules(JsonMapper.builder(), Misread.THROWN)
          .changeDefaultPropertyInclusion(
              v ->
                  v.withValueInclusion(JsonInclude.Include.NON_NULL)
                      .withContentInclusion(JsonInclude.Include.NON_NULL))
          .build();

  static <M extends JsonMapper, B extends MapperBuilder<M, B>> B rules(B builder, Misread misread) {
    CoreJson.KINDS.forEach(builder::addMixIn);
    CoreJson.LISTS.forEach(type -> builder.addMixIn(type, CoreJson.ListJson.class));
    return builder
        .enumNamingStrategy(EnumNamingStrategies.LOWER_CAMEL_CASE)
        .addModule(NumberReading.module(misread))
        .addModule(DayNames.module(misread))
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
        .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
        .disable(StreamReadFeature.INCLUDE_SOURCE_IN_LOCATION);
  }

  public JsonNode tree(String text) {
    return mapper.readTree(text);
  }

  public JsonNode tree(Object value) {
    return mapper.valueToTree(value);
  }

  public String text(Object value) {
    return mapper.writeValueAsString(value);
  }

  /**
   * @throws tools.jackson.core.JacksonException where the tree is not such a value
   */
  public Object value(JsonNode tree, Type type) {
    return mapper.treeToValue(tree, mapper.constructType(type));
  }
}
