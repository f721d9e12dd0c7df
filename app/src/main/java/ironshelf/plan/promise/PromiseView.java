package ironshelf.plan.promise;

import ironshelf.access.Money;
import ironshelf.core.plan.CastPlan.Bound;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A date that can be given without making another order late.
 *
 * @param date on which the plan has it ready
 * @param nineOfTen the first date that is kept in nine of ten weeks: what is promised
 * @param bound in words, what binds it
 * @param copyPrice of one more copy of the mould; null where it is not known
 * @param curve empty where more than one line was asked for
 */
public record PromiseView(
    LocalDate date,
    LocalDate nineOfTen,
    Bound boundBy,
    String bound,
    String mould,
    int copies,
    @Money @Nullable BigDecimal copyPrice,
    List<CopiesDate> curve) {

  /** The date with so many copies in all. */
  public record CopiesDate(int copies, LocalDate date) {}
}
