package ironshelf.pour.record;

import ironshelf.access.Money;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * What one pour put into one cast.
 *
 * @param lineId the order line it was made for; null for stock
 * @param kg of wet mix; null where the filling was not weighed
 * @param wearEach mould wear of a piece on the day of the pour; null where it is not known
 * @param goodsEach sealers, inserts and packing of a piece on that day; likewise
 * @param layerNo of the product's layers, from 0
 */
public record PourFillView(
    long pourId,
    long castId,
    long productId,
    @Nullable Long lineId,
    int layerNo,
    double litres,
    @Nullable Double kg,
    @Money @Nullable BigDecimal wearEach,
    @Money @Nullable BigDecimal goodsEach) {}
