package ironshelf.result;

import ironshelf.copy.CastService;
import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyView;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderService;
import ironshelf.order.line.DueLine;
import ironshelf.piece.PieceService;
import ironshelf.pour.use.UseService;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds up what came of the last weeks. */
@Service
@Transactional(readOnly = true)
public class ResultService {

  private static final double HOURS_A_WEEK = 168;

  private final OrderService orders;
  private final MouldService moulds;
  private final CastService castings;
  private final PieceService pieces;
  private final ProductService products;
  private final UseService uses;
  private final Clock clock;

  private record Told(Instant at, ResultView results) {}

  /** By the weeks that were asked for. */
  private final CachedRead<Map<Integer, Told>> told;

  ResultService(
      OrderService orders,
      MouldService moulds,
      CastService castings,
      PieceService pieces,
      ProductService products,
      UseService uses,
      Clock clock,
      TableVersions changes) {
    this.told = changes.keepBut(ConcurrentHashMap::new, UseService.FREE);
    this.orders = orders;
    this.moulds = moulds;
    this.castings = castings;
    this.pieces = pieces;
    this.products = products;
    this.uses = uses;
    this.clock = clock;
  }

  /** The same for a minute, unless the books change: what a copy holds now goes on holding it. */
  public ResultView results(int weeks) {
    Instant minute = clock.instant().truncatedTo(ChronoUnit.MINUTES);
    return told.get()
        .compute(
            weeks,
            (w, last) ->
                last != null && last.at.equals(minute)
                    ? last
                    : new Told(minute, read(w, clock.instant())))
        .results;
  }

  private ResultView read(int weeks, Instant now) {
    Instant since = now.minus(Duration.ofDays(7L * weeks));
    List<ResultView.MonthResult> months = months(since);
    int lines = months.stream().mapToInt(ResultView.MonthResult::lines).sum();
    int onTime = months.stream().mapToInt(ResultView.MonthResult::onTimeInFull).sum();
    return new ResultView(
        weeks,
        lines == 0 ? null : (double) onTime / lines,
        months,
        mouldUse(since, now),
        scrap(since),
        margins());
  }

  /** One line that was due: late by so many days, 0 where it was on time. */
  private record Due(YearMonth month, long lateDays) {}

  private List<ResultView.MonthResult> months(Instant since) {
    LocalDate today = LocalDate.now(clock);
    LocalDate from = LocalDate.ofInstant(since, clock.getZone());
    Map<YearMonth, List<Due>> byMonth = new TreeMap<>();
    for (DueLine line : orders.dueBetween(from, today)) {
      Instant gone = line.goneAt();
      // Until its day is over a line is neither late nor on time.
      if (gone == null && !line.due().isBefore(today)) {
        continue;
      }
      LocalDate until = gone == null ? today : LocalDate.ofInstant(gone, clock.getZone());
      Due due =
          new Due(
              YearMonth.from(line.due()), Math.max(0, ChronoUnit.DAYS.between(line.due(), until)));
      byMonth.computeIfAbsent(due.month, m -> new ArrayList<>()).add(due);
    }
    return byMonth.entrySet().stream().map(e -> month(e.getKey(), e.getValue())).toList();
  }

  private static ResultView.MonthResult month(YearMonth month, List<Due> due) {
    List<Due> late = due.stream().filter(d -> d.lateDays > 0).toList();
    return new ResultView.MonthResult(
        month.toString(),
        due.size(),
        due.size() - late.size(),
        late.size(),
        late.stream().mapToLong(Due::lateDays).average().orElse(0));
  }

  private List<ResultView.MouldResultRow> mouldUse(Instant since, Instant now) {
    Map<Long, CastService.MouldUse> use = castings.use(since, now);
    List<ResultView.MouldResultRow> rows = new ArrayList<>();
    for (MouldView mould : moulds.all().values()) {
      List<CopyView> good =
          mould.copies().stream().filter(c -> c.condition() == CopyCondition.GOOD).toList();
      double ownedH = good.stream().mapToDouble(c -> ownedH(c, since, now)).sum();
      if (ownedH > 0) {
        CastService.MouldUse own = use.getOrDefault(mould.id(), new CastService.MouldUse(0, 0));
        rows.add(
            new ResultView.MouldResultRow(
                mould.id(),
                mould.name(),
                good.size(),
                own.casts(),
                own.casts() / (ownedH / HOURS_A_WEEK),
                Math.max(0, 1 - own.heldH() / ownedH)));
      }
    }
    rows.sort(Comparator.comparingDouble(ResultView.MouldResultRow::idleShare));
    return rows;
  }

  /** A copy counts from the day that it was bought. */
  private double ownedH(CopyView copy, Instant since, Instant now) {
    Instant bought =
        copy.boughtOn() == null ? since : copy.boughtOn().atStartOfDay(clock.getZone()).toInstant();
    Instant from = bought.isAfter(since) ? bought : since;
    return Math.max(0, Duration.between(from, now).toSeconds() / 3_600.0);
  }

  private List<ResultView.ScrapRow> scrap(Instant since) {
    Map<Long, ProductView> all = products.all();
    return pieces.fatesSince(since).entrySet().stream()
        .map(
            e ->
                new ResultView.ScrapRow(
                    all.get(e.getKey()).name(),
                    e.getValue().finished() + e.getValue().scrapped(),
                    e.getValue().scrapped(),
                    e.getValue().scrapShare()))
        .sorted(Comparator.comparingDouble(ResultView.ScrapRow::share).reversed())
        .toList();
  }

  private List<ResultView.MarginRow> margins() {
    return uses.costs().stream()
        .map(
            c -> {
              BigDecimal margin = c.price().subtract(c.total());
              double share =
                  c.price().signum() == 0 ? 0 : margin.doubleValue() / c.price().doubleValue();
              return new ResultView.MarginRow(c.product(), c.price(), c.total(), margin, share);
            })
        .sorted(Comparator.comparingDouble(ResultView.MarginRow::share))
        .toList();
  }
}
