package ironshelf.order;

import ironshelf.core.quantity.Findings;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An order as it is to be kept.
 *
 * @param number null: the next one
 * @param customerId of a known one
 * @param placedOn null: today
 * @param quote whether it is asked about only; null: it is an order
 * @param lines at most 200; a line without id is new, one that is left out is called off
 */
public record OrderRequest(
    @Nullable String number,
    @Nullable Long customerId,
    @Nullable LocalDate placedOn,
    @Nullable LocalDate due,
    @Nullable String note,
    @Nullable Boolean quote,
    List<LineRequest> lines) {

  private static final BigDecimal MOST = new BigDecimal(1_000_000);

  /**
   * One line.
   *
   * @param id null where it is new
   * @param quantity 1 to 100 000
   * @param price of one piece; null: the product's
   * @param due null: the order's
   */
  public record LineRequest(
      @Nullable Long id,
      @Nullable Long productId,
      @Nullable Long colourwayId,
      int quantity,
      @Nullable BigDecimal price,
      @Nullable LocalDate due,
      @Nullable String note) {

    public LineRequest {
      note = note == null || note.isBlank() ? null : note.strip();
      Findings findings =
          new Findings()
              .present("productId", productId)
              .present("colourwayId", colourwayId)
              .within("quantity", quantity, 1, 100_000)
              .amount("price", price, MOST);
      if (note != null) {
        findings.text("note", note, 200);
      }
      findings.orRefuse();
      price = price == null ? null : price.setScale(2, RoundingMode.HALF_UP);
    }
  }

  public OrderRequest {
    number = number == null || number.isBlank() ? null : number.strip();
    note = note == null || note.isBlank() ? null : note.strip();
    quote = Boolean.TRUE.equals(quote);
    Findings findings =
        new Findings()
            .present("customerId", customerId)
            .present("due", due)
            .list("lines", lines, 200);
    if (number != null) {
      findings.text("number", number, 20);
    }
    if (note != null) {
      findings.text("note", note, 500);
    }
    findings.orRefuse();
    lines = List.copyOf(lines);
  }
}
