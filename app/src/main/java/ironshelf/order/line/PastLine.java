package ironshelf.order.line;

import java.time.LocalDate;

/** What was ordered on a day, for when; those paid back taken off. */
public record PastLine(
    long productId, long colourwayId, int quantity, LocalDate placedOn, LocalDate due) {}
