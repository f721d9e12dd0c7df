package ironshelf.access;

import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.SerializationConfig;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.BeanPropertyWriter;
import tools.jackson.databind.ser.ValueSerializerModifier;

/** Leaves figures in money out where the answer is for somebody who does not see them. */
@Component
class MoneyModule extends SimpleModule {

  private static final long serialVersionUID = 1L;

  MoneyModule() {
    super("money");
    setSerializerModifier(new Modifier());
  }

  private static final class Modifier extends ValueSerializerModifier {
    private static final long serialVersionUID = 1L;

    @Override
    public List<BeanPropertyWriter> changeProperties(
        SerializationConfig config,
        BeanDescription.Supplier bean,
        List<BeanPropertyWriter> properties) {
      properties.replaceAll(p -> p.getAnnotation(Money.class) == null ? p : new Writer(p));
      return properties;
    }
  }

  private static final class Writer extends BeanPropertyWriter {
    private static final long serialVersionUID = 1L;

    Writer(BeanPropertyWriter every) {
      super(every);
    }

    @Override
    public void serializeAsProperty(Object bean, JsonGenerator json, SerializationContext context)
        throws Exception {
      if (Asker.seesMoney()) {
        super.serializeAsProperty(bean, json, context);
      }
    }
  }
}
