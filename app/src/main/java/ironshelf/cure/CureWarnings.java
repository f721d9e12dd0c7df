package ironshelf.cure;

import ironshelf.core.cure.AgeLine;
import ironshelf.core.cure.Demould;
import ironshelf.core.cure.Stay;
import ironshelf.core.cure.binder.BinderClass;
import ironshelf.core.cure.binder.BinderClasses;
import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the temperatures of a casting's first day are to be warned of. */
@Component
public class CureWarnings {

  private static final Duration FIRST_DAY = Duration.ofDays(1);

  private final Temperatures temperatures;
  private final BinderClasses classes = BinderClasses.shipped();
  private final Map<String, Double> frostSafeAges = new ConcurrentHashMap<>();

  CureWarnings(Temperatures temperatures) {
    this.temperatures = temperatures;
  }

  /**
   * Frost before it is safe, cold or too hot.
   *
   * @param strengthClass of its recipe; null: a usual one
   */
  public List<Finding> of(List<Stay> stays, @Nullable String strengthClass) {
    return of(temperatures.snapshot(stays.get(0).since()), stays, strengthClass);
  }

  /** The same by a look at the temperatures that was taken before. */
  public List<Finding> of(
      Temperatures.Snapshot snapshot, List<Stay> stays, @Nullable String strengthClass) {
    Instant start = stays.get(0).since();
    AgeLine.Extremes firstDay = snapshot.actual().extremes(stays, start, start.plus(FIRST_DAY));
    Instant safe =
        snapshot
            .actual()
            .momentAt(
                stays,
                frostSafeAges.computeIfAbsent(
                    strengthClass == null ? "" : strengthClass,
                    code -> Demould.frostSafeAgeH(curve(code))));
    double lowUnsafe =
        safe == null || !safe.isAfter(start)
            ? firstDay.lowC()
            : snapshot.actual().extremes(stays, start, safe).lowC();
    return Demould.warnings(firstDay, lowUnsafe);
  }

  /**
   * How long the probes beside it said nothing, and usual temperatures were taken.
   *
   * @return none where it was an hour at most, or where there was no probe
   */
  public Optional<Finding> silence(List<Stay> stays, Instant until) {
    double silentH = 0;
    for (int i = 0; i < stays.size(); i++) {
      String place = stays.get(i).place();
      Instant from = stays.get(i).since();
      Instant to = i + 1 < stays.size() ? stays.get(i + 1).since() : until;
      Temperatures.During had =
          temperatures.during(List.of(place), from.minus(FIRST_DAY), to, to.plus(FIRST_DAY));
      if (to.isAfter(from) && !had.said(place, from.minus(FIRST_DAY), to).isEmpty()) {
        silentH +=
            had.logs().getOrDefault(place, had.logs().get(Temperatures.ROOM)).silentShare(from, to)
                * Duration.between(from, to).toMinutes()
                / 60.0;
      }
    }
    return silentH <= 1
        ? Optional.empty()
        : Optional.of(Finding.of(FindingCode.CURE_SILENT, Map.of("hours", silentH)));
  }

  /** The curve of a strength class, or a usual one. */
  public StrengthCurve curve(@Nullable String strengthClass) {
    return classes
        .find(strengthClass == null ? "" : strengthClass)
        .map(BinderClass::curve)
        .orElse(new StrengthCurve.En1992(0.25));
  }
}
