package ironshelf.store;

import org.hibernate.cfg.MappingSettings;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** JSON columns are versioned documents with a mapper of their own. */
@Configuration(proxyBeanMethods = false)
class StoreConfig {

  @Bean
  DocumentFormat documentFormat() {
    return new DocumentFormat(Upcasters.released());
  }

  @Bean
  HibernatePropertiesCustomizer columnsOfRecords(DocumentFormat format) {
    return properties -> {
      properties.put(MappingSettings.JSON_FORMAT_MAPPER, format);
      properties.put(MappingSettings.PHYSICAL_NAMING_STRATEGY, new ColumnNames());
    };
  }
}
