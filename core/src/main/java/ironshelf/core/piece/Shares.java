package ironshelf.core.piece;

import ironshelf.core.quantity.Findings;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Shares a decimal amount out by weight so that the parts add up to it exactly. */
public final class Shares {

  private Shares() {}

  /**
   * Returns the parts of an amount at its own scale, by the method of largest remainders
   * (Hamilton): each is its exact share rounded down, and the units left over go to the largest
   * remainders, earlier ones first.
   *
   * @param weights at least one, none negative, not all 0
   */
  public static List<BigDecimal> of(BigDecimal amount, List<Double> weights) {
    Findings findings = new Findings().list("weights", weights, 100_000);
    findings.orRefuse();
    for (int i = 0; i < weights.size(); i++) {
      findings.within("weights." + i, weights.get(i), 0, 1e12);
    }
    BigDecimal total =
        weights.stream().map(BigDecimal::valueOf).reduce(BigDecimal.ZERO, BigDecimal::add);
    findings.above("weights.sum", total.doubleValue(), 0, 1e15).orRefuse();
    BigInteger units = amount.unscaledValue();
    List<BigInteger> floors = new ArrayList<>();
    List<BigDecimal> rests = new ArrayList<>();
    BigInteger given = BigInteger.ZERO;
    for (double weight : weights) {
      BigDecimal[] share =
          new BigDecimal(units).multiply(BigDecimal.valueOf(weight)).divideAndRemainder(total);
      // Towards minus infinity, so that what is left over is never negative.
      boolean below = share[1].signum() < 0;
      BigInteger floor = share[0].toBigInteger().subtract(below ? BigInteger.ONE : BigInteger.ZERO);
      floors.add(floor);
      rests.add(below ? share[1].add(total) : share[1]);
      given = given.add(floor);
    }
    int left = units.subtract(given).intValueExact();
    List<Integer> order =
        IntStream.range(0, weights.size())
            .boxed()
            .sorted(Comparator.comparing((Integer i) -> rests.get(i)).reversed())
            .toList();
    for (int k = 0; k < left; k++) {
      int i = order.get(k);
      floors.set(i, floors.get(i).add(BigInteger.ONE));
    }
    return floors.stream().map(f -> new BigDecimal(f, amount.scale())).toList();
  }
}
