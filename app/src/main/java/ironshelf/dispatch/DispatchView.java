package ironshelf.dispatch;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;

/** What went together. */
public record DispatchView(
    long id,
    long orderId,
    String carrier,
    Instant sentAt,
    boolean undone,
    List<ParcelView> parcels) {

  /** One parcel; {@code number} from 1. */
  public record ParcelView(
      int number, BigDecimal massKg, BigDecimal rate, String tracking, List<Long> pieceIds) {}
}
