package ironshelf.order;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** When a deposit and the whole came in; null where it has not. */
public record OrderMarks(@Nullable LocalDate depositOn, @Nullable LocalDate paidOn) {}
