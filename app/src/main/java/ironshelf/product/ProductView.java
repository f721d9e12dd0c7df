package ironshelf.product;

import java.math.BigDecimal;

/** A product as others see it. */
public record ProductView(
    long id, String name, long mouldId, long recipeId, BigDecimal price, double minutesPerPiece) {}
