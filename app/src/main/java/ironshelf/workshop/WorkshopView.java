package ironshelf.workshop;

import ironshelf.core.plan.OpenHours;
import ironshelf.core.quantity.CupSize;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * The shop as others see it.
 *
 * @param now what its clock says
 * @param hours when people are in
 * @param people who work at once
 * @param address for labels; null where it is not kept
 * @param scoopL what one level scoop holds
 */
public record WorkshopView(
    long version,
    String name,
    boolean demo,
    Instant now,
    double roomC,
    double mixerL,
    double scoopL,
    double wastePercent,
    BigDecimal ratePerHour,
    CupSize cup,
    OpenHours hours,
    int people,
    @Nullable String address) {}
