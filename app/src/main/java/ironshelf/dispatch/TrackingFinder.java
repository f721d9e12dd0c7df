package ironshelf.dispatch;

import ironshelf.order.OrderFinder;
import java.util.List;
import org.springframework.stereotype.Component;

/** The order of a parcel, by its whole tracking number. */
@Component
class TrackingFinder implements OrderFinder {

  private final DispatchRepository dispatches;

  TrackingFinder(DispatchRepository dispatches) {
    this.dispatches = dispatches;
  }

  @Override
  public List<Long> ordersWith(String words) {
    return words.isEmpty() ? List.of() : dispatches.ordersTracked(words);
  }
}
