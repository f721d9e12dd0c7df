package ironshelf.workshop;

import ironshelf.core.quantity.CupSize;
import java.math.BigDecimal;
import java.time.Instant;

/**
 * The shop as others see it.
 *
 * @param now what its clock says
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
    CupSize cup) {}
