package ironshelf.order;

import ironshelf.access.Money;
import ironshelf.order.line.OrderLineView;
import ironshelf.order.line.OrderStage;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An order as others see it.
 *
 * @param quote whether it is asked about only
 * @param promisedOn the date that was given; null where none was
 * @param feedOrder by what name a shop feed sent it; null where it came otherwise
 * @param worth of all its lines
 * @param who took it; null where that was done at the shop's own machine
 * @param changedBy who changed it last
 */
public record OrderView(
    long id,
    long version,
    String number,
    long customerId,
    String customer,
    LocalDate placedOn,
    LocalDate due,
    @Nullable String note,
    boolean quote,
    @Nullable LocalDate promisedOn,
    @Nullable LocalDate depositOn,
    @Nullable LocalDate paidOn,
    @Nullable String feedOrder,
    OrderStage stage,
    @Money BigDecimal worth,
    List<OrderLineView> lines,
    @Nullable String who,
    @Nullable String changedBy) {}
