package ironshelf.demo;

import ironshelf.workshop.WorkshopService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Opens the data folder before the first request; founds the demo in a new one. */
@Component
class Founding implements SmartInitializingSingleton {

  private static final Logger LOG = LoggerFactory.getLogger(Founding.class);

  private final WorkshopService workshop;
  private final DemoWorkshop demoWorkshop;
  private final TransactionOperations transaction;
  private final boolean demo;

  Founding(
      WorkshopService workshop,
      DemoWorkshop demoWorkshop,
      TransactionOperations transaction,
      @Value("${ironshelf.demo}") boolean demo) {
    this.workshop = workshop;
    this.demoWorkshop = demoWorkshop;
    this.transaction = transaction;
    this.demo = demo;
  }

  @Override
  public void afterSingletonsInstantiated() {
    transaction.executeWithoutResult(
        status -> {
          if (workshop.open(demo) && demo) {
            demoWorkshop.furnish();
            LOG.info("Founded the demo workshop.");
          }
        });
  }
}
