package ironshelf.lettering;

import ironshelf.core.lettering.StampSet;
import ironshelf.core.quantity.Findings;

/** A set of stamps as it is to be kept. */
public record StampSetRequest(String name, StampSet stamps) {
  public StampSetRequest {
    new Findings().text("name", name, 80).present("stamps", stamps).orRefuse();
  }
}
