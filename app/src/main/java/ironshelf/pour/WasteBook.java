package ironshelf.pour;

import static java.util.Objects.requireNonNull;

import ironshelf.core.pour.script.PourState;
import ironshelf.pour.record.Pour;
import ironshelf.pour.record.Waste;
import ironshelf.pour.record.Waste.WasteKind;
import ironshelf.pour.record.WasteRepository;
import ironshelf.pour.record.WasteView;
import ironshelf.store.RangeReads;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Component;

/** Keeps what of a pour came to nothing, as its state says. */
@Component
public class WasteBook {

  static final String NOT_ACCOUNTED_FOR = "not accounted for";

  /** The reason that tells how long a mix could be worked; the bench offers it in one press. */
  public static final String WENT_OFF = "it went off";

  /** Less than a scale shows, in kg. */
  private static final double NOTHING_KG = 0.0005;

  private final WasteRepository waste;

  WasteBook(WasteRepository waste) {
    this.waste = waste;
  }

  /**
   * @param rows the bowls of the pour by their names
   */
  void settle(Map<String, Pour> rows, PourState state, Instant at) {
    List<Waste> now = new ArrayList<>();
    for (PourState.Lost lost : state.lost()) {
      now.add(
          new Waste(
              rowOf(rows, state, lost.batch()),
              WasteKind.THROWN,
              PourBooks.kg(lost.kg()),
              lost.why(),
              lost.at()));
    }
    double unknown = state.bowl().unaccountedKg();
    if (state.status() == PourState.Status.RECORDED && unknown > NOTHING_KG) {
      Pour first = rows.values().iterator().next();
      now.add(
          new Waste(
              first.id(), WasteKind.UNACCOUNTED, PourBooks.kg(unknown), NOT_ACCOUNTED_FOR, at));
    }
    List<Waste> before =
        waste.findByPourIdInOrderById(rows.values().stream().map(Pour::id).toList());
    if (!same(before, now)) {
      waste.deleteAll(before);
      waste.saveAll(now);
    }
  }

  /** What was thrown away of each bowl; those of which nothing was are not there. */
  Map<Long, BigDecimal> thrownKg(Collection<Long> pourIds) {
    return RangeReads.read(
            pourIds,
            waste::findByPourIdInOrderById,
            waste::findByPourIdBetweenOrderById,
            Waste::pourId)
        .stream()
        .filter(w -> w.kind() == WasteKind.THROWN)
        .collect(
            Collectors.groupingBy(
                Waste::pourId, Collectors.reducing(BigDecimal.ZERO, Waste::kg, BigDecimal::add)));
  }

  /** What came to nothing of pours that stand, the latest first. */
  public List<WasteView> latest(int most) {
    return waste.standing(PageRequest.of(0, most)).stream().map(Waste::view).toList();
  }

  /** Mix that went off in the bowl, of pours that stand. */
  public List<WasteView> wentOff() {
    return waste.standing(Pageable.unpaged()).stream()
        .map(Waste::view)
        .filter(w -> w.thrown() && w.reason().equalsIgnoreCase(WENT_OFF))
        .toList();
  }

  private static boolean same(List<Waste> before, List<Waste> now) {
    if (before.size() != now.size()) {
      return false;
    }
    for (int i = 0; i < now.size(); i++) {
      Waste a = before.get(i);
      Waste b = now.get(i);
      if (a.pourId() != b.pourId()
          || a.kind() != b.kind()
          || a.kg().compareTo(b.kg()) != 0
          || !a.reason().equals(b.reason())) {
        return false;
      }
    }
    return true;
  }

  /** The first bowl of a batch. */
  private static long rowOf(Map<String, Pour> rows, PourState state, String batch) {
    String mix =
        state.batches().stream()
            .filter(b -> b.batch().equals(batch))
            .map(b -> b.mixes().get(0).mix())
            .findFirst()
            .orElseThrow();
    return requireNonNull(rows.get(mix)).id();
  }
}
