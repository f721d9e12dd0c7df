package ironshelf.dispatch;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An order that has pieces ready to go.
 *
 * @param toCome pieces of it that are not ready yet
 */
public record PickView(
    long orderId,
    String order,
    String customer,
    @Nullable String address,
    LocalDate due,
    int toCome,
    List<PickPlace> places) {

  /** What is taken from one place of the shelf. */
  public record PickPlace(String place, List<PickPiece> pieces) {}

  /**
   * A piece to pick.
   *
   * @param massKg as weighed, or as the product usually is
   * @param weighed whether it was
   */
  public record PickPiece(
      long pieceId,
      long lineId,
      String product,
      String colourway,
      double massKg,
      boolean weighed) {}
}
