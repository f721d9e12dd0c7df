package ironshelf.order;

import java.time.LocalDate;
import java.util.List;

/** An order as others see it. */
public record OrderView(
    long id,
    String number,
    String customer,
    LocalDate placedOn,
    LocalDate due,
    List<OrderLineView> lines) {}
