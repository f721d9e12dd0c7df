package ironshelf.copy;

import ironshelf.access.Money;
import ironshelf.core.mould.wear.DefectTest;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A copy as others see it.
 *
 * @param casts finished ones, those from before it was kept here included
 * @param held the cast that it is holding; null when it is free
 * @param washDue whether it has been emptied and not yet washed
 * @param emptyKg what it weighs empty, its core with it; null where it was not weighed
 * @param defects its bad casts against its siblings'; null where it has none finished here
 */
public record CopyView(
    long id,
    String code,
    long version,
    CopyCondition condition,
    long casts,
    @Nullable CastView held,
    boolean washDue,
    @Nullable String place,
    @Nullable LocalDate boughtOn,
    @Money @Nullable BigDecimal boughtFor,
    @Nullable Double emptyKg,
    @Nullable DefectTest defects) {}
