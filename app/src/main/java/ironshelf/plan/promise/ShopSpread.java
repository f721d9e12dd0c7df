package ironshelf.plan.promise;

import ironshelf.act.ActService;
import ironshelf.core.cure.Maturity;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.promise.Simulation.Spread;
import ironshelf.cure.Temperatures;
import ironshelf.piece.PieceService;
import ironshelf.workshop.WorkshopService;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * How weeks differ here, from the shop's own records: the usual spread counts as so many records,
 * and says less the more of its own there are (docs/method/plan.md).
 */
@Component
@Transactional(readOnly = true)
public class ShopSpread {

  private static final Spread USUAL = new Spread(Double.NaN, Double.NaN, Double.NaN);

  private static final Duration PIECES_OF = Duration.ofDays(365);
  private static final Duration DAYS_OF = Duration.ofDays(91);

  /** A quiet week is not an ill one, and one bad batch no rule. */
  private static final double MOST_PERCENT = 10;

  private static final double USUAL_PIECES = 25;
  private static final double USUAL_WARM_DAYS = 10;
  private static final double USUAL_OPEN_DAYS = 50;

  private final PieceService pieces;
  private final Temperatures temperatures;
  private final ActService acts;
  private final WorkshopService workshop;
  private final Clock clock;

  ShopSpread(
      PieceService pieces,
      Temperatures temperatures,
      ActService acts,
      WorkshopService workshop,
      Clock clock) {
    this.pieces = pieces;
    this.temperatures = temperatures;
    this.acts = acts;
    this.workshop = workshop;
    this.clock = clock;
  }

  /**
   * A spread and what it stands on.
   *
   * @param pieces that were finished or scrapped in a year
   * @param warmDays with temperatures of the room
   * @param openDays on which the shop was open since it is kept here
   */
  public record SpreadBasis(Spread spread, long pieces, int warmDays, int openDays) {}

  public SpreadBasis now() {
    Instant now = clock.instant();
    long finished = 0;
    long scrapped = 0;
    for (PieceService.Fate fate : pieces.fatesSince(now.minus(PIECES_OF)).values()) {
      finished += fate.finished();
      scrapped += fate.scrapped();
    }
    double[] warmth = warmth(now);
    int[] days = openAndIdle(now);
    Spread spread =
        new Spread(
            100 * Math.sqrt(blend(USUAL.setPercent() / 100, warmth)),
            share(USUAL.scrapPercent(), USUAL_PIECES, scrapped, finished + scrapped),
            share(USUAL.absentPercent(), USUAL_OPEN_DAYS, days[1], days[0]));
    return new SpreadBasis(spread, finished + scrapped, (int) warmth[0], days[0]);
  }

  private static double share(double usualPercent, double usualWeight, long had, long of) {
    return Math.min(MOST_PERCENT, (100.0 * had + usualPercent * usualWeight) / (of + usualWeight));
  }

  private static double blend(double usual, double[] countAndSquares) {
    return (USUAL_WARM_DAYS * usual * usual + countAndSquares[1])
        / (USUAL_WARM_DAYS + countAndSquares[0]);
  }

  /** How many days, and the sum of squares of how much faster or slower each let concrete age. */
  private double[] warmth(Instant now) {
    Maturity maturity = Maturity.usual(MaturityMethod.ARRHENIUS);
    Map<LocalDate, Double> meanC =
        temperatures.stored(Temperatures.ROOM, now.minus(DAYS_OF), now).stream()
            .collect(
                Collectors.groupingBy(
                    r -> LocalDate.ofInstant(r.at(), clock.getZone()),
                    Collectors.averagingDouble(r -> r.celsius())));
    double mean =
        meanC.values().stream().mapToDouble(c -> Math.log(maturity.rate(c))).average().orElse(0);
    double squares =
        meanC.values().stream()
            .mapToDouble(c -> Math.pow(Math.log(maturity.rate(c)) - mean, 2))
            .sum();
    return new double[] {meanC.size(), squares};
  }

  /** Open days since the first act, and those of them on which nothing at all was done. */
  private int[] openAndIdle(Instant now) {
    Set<LocalDate> done = acts.daysSince(now.minus(DAYS_OF));
    OpenHours hours = workshop.view().hours();
    int open = 0;
    int idle = 0;
    LocalDate today = LocalDate.ofInstant(now, clock.getZone());
    LocalDate first = done.stream().findFirst().orElse(today);
    for (LocalDate day = first; day.isBefore(today); day = day.plusDays(1)) {
      if (hours.isOpenOn(day)) {
        open++;
        idle += done.contains(day) ? 0 : 1;
      }
    }
    return new int[] {open, idle};
  }
}
