package ironshelf;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.data.jpa.repository.query.QueryEnhancerFactories;
import org.springframework.data.jpa.repository.query.QueryEnhancerSelector.DefaultQueryEnhancerSelector;
import org.springframework.data.repository.config.BootstrapMode;
import org.springframework.scheduling.annotation.EnableScheduling;

/**
 * Iron Shelf: one application that serves the API and the interface. Repositories are made when
 * they are first used, a second off every start.
 */
@EnableJpaRepositories(
    bootstrapMode = BootstrapMode.LAZY,
    queryEnhancerSelector = IronShelfApplication.ReadOnce.class)
@EnableScheduling
@SpringBootApplication
public class IronShelfApplication {

  public static void main(String[] args) {
    SpringApplication.run(IronShelfApplication.class, args);
  }

  /**
   * Queries are read by Hibernate alone. Spring Data would read each with a grammar of its own
   * before, to be able to rewrite it, which no query here asks for; that was a seventh of the time
   * in which a demo is founded.
   */
  static final class ReadOnce extends DefaultQueryEnhancerSelector {

    ReadOnce() {
      super(QueryEnhancerFactories.fallback(), QueryEnhancerFactories.fallback());
    }
  }
}
