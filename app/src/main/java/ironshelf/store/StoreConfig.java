package ironshelf.store;

import org.hibernate.cfg.MappingSettings;
import org.hibernate.type.format.jackson.Jackson3JsonFormatMapper;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** JSON columns are written as requests are read: one mapper for both. */
@Configuration(proxyBeanMethods = false)
class StoreConfig {

  @Bean
  HibernatePropertiesCustomizer jsonColumns(JsonMapper mapper) {
    return properties -> {
      properties.put(MappingSettings.JSON_FORMAT_MAPPER, new Jackson3JsonFormatMapper(mapper));
      properties.put(MappingSettings.PHYSICAL_NAMING_STRATEGY, new ColumnNames());
    };
  }
}
