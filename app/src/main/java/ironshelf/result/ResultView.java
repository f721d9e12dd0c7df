package ironshelf.result;

import ironshelf.access.Money;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What came of the last weeks.
 *
 * @param weeks that were looked at
 * @param onTimeShare of the lines that were due and all sent by then; null where none was due
 */
public record ResultView(
    int weeks,
    @Nullable Double onTimeShare,
    List<MonthResult> months,
    List<MouldResultRow> moulds,
    List<ScrapRow> scrap,
    @Money List<MarginRow> margins) {

  /**
   * Lines that were due in a month.
   *
   * @param onTimeInFull all sent by their day
   * @param meanLateDays of those that were late, or are
   */
  public record MonthResult(
      String month, int lines, int onTimeInFull, int late, double meanLateDays) {}

  /**
   * How a mould was used.
   *
   * @param turnsAWeek casts of one copy, while it was owned
   * @param idleShare of the time that its copies were owned
   */
  public record MouldResultRow(
      long mouldId, String mould, int copies, long casts, double turnsAWeek, double idleShare) {}

  /** How much of a product broke. */
  public record ScrapRow(String product, long pieces, long scrap, double share) {}

  /** What a piece of a product leaves: its price less what it cost. */
  public record MarginRow(
      String product, BigDecimal price, BigDecimal cost, BigDecimal margin, double share) {}
}
