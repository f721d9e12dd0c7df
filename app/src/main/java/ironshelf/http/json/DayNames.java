package ironshelf.http.json;

import java.time.DayOfWeek;
import java.util.Arrays;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** Days of the week travel as {@code MON} to {@code SUN} (docs/method/plan.md). */
final class DayNames {

  private DayNames() {}

  static SimpleModule module(Misread misread) {
    return new SimpleModule("ironshelf-days")
        .addSerializer(DayOfWeek.class, new Writer())
        .addDeserializer(DayOfWeek.class, new Reader(misread));
  }

  private static final class Writer extends StdSerializer<DayOfWeek> {
    Writer() {
      super(DayOfWeek.class);
    }

    @Override
    public void serialize(DayOfWeek day, JsonGenerator out, SerializationContext context) {
      out.writeString(EnumNames.of(day));
    }
  }

  private static final class Reader extends StdDeserializer<DayOfWeek> {
    private final transient Misread misread;

    Reader(Misread misread) {
      super(DayOfWeek.class);
      this.misread = misread;
    }

    @Override
    public @Nullable DayOfWeek deserialize(JsonParser parser, DeserializationContext context) {
      String text = parser.getString() == null ? "" : parser.getString();
      return Arrays.stream(DayOfWeek.values())
          .filter(d -> EnumNames.of(d).equals(text.toUpperCase(Locale.ROOT)))
          .findFirst()
          .orElseGet(
              () -> {
                misread.found(parser, text, "a day, MON to SUN");
                parser.skipChildren();
                return null;
              });
    }
  }
}
