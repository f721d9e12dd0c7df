package ironshelf.dispatch;

import ironshelf.access.Money;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What went together. */
public record DispatchView(
    long id,
    long orderId,
    String carrier,
    Instant sentAt,
    boolean undone,
    List<ParcelView> parcels,
    @Nullable String who) {

  /** One parcel; {@code number} from 1. */
  public record ParcelView(
      int number,
      BigDecimal massKg,
      @Money BigDecimal rate,
      String tracking,
      List<Long> pieceIds) {}
}
