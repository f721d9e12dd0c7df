package ironshelf.pour;

import org.jspecify.annotations.Nullable;

/**
 * What one pour put into one cast.
 *
 * @param lineId the order line it was made for; null for stock
 * @param kg of wet mix; null where the filling was not weighed
 * @param layerNo of the product's layers, from 0
 */
public record PourFillView(
    long pourId,
    long castId,
    long productId,
    @Nullable Long lineId,
    int layerNo,
    double litres,
    @Nullable Double kg) {}
