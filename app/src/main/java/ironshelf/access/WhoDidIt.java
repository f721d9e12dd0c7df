package ironshelf.access;

import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.domain.AuditorAware;
import org.springframework.data.jpa.repository.config.EnableJpaAuditing;

/** Writes into each fact that asks for it ({@code @CreatedBy}) the name of who did it. */
@Configuration(proxyBeanMethods = false)
@EnableJpaAuditing
class WhoDidIt {

  @Bean
  AuditorAware<String> who() {
    return () -> Asker.current().flatMap(a -> Optional.ofNullable(a.name()));
  }
}
