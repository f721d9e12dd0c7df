package ironshelf.pour;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.toMap;

import ironshelf.core.material.Role;
import ironshelf.core.piece.Shares;
import ironshelf.core.pour.script.PourState;
import ironshelf.core.pour.script.PourState.BatchState;
import ironshelf.core.pour.script.PourState.MixState;
import ironshelf.core.pour.script.PourState.StepStatus;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.consumption.PourStock;
import ironshelf.pour.record.Pour;
import ironshelf.pour.record.PourRepository;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Brings the shop's records in line with the state of a pour: a row for each bowl with what went
 * into it, the stock that it used, and through {@link PourCasts} what stands in which mould. It is
 * called after every fact of the pour and changes only what differs, so that undoing a fact needs
 * no code of its own.
 */
@Service
@Transactional(propagation = Propagation.MANDATORY)
public class PourBooks {

  private final PourRepository pours;
  private final PourCasts casts;
  private final WasteBook waste;
  private final PourStock stock;
  private final MaterialService materials;
  private final WorkshopService workshop;

  PourBooks(
      PourRepository pours,
      PourCasts casts,
      WasteBook waste,
      PourStock stock,
      MaterialService materials,
      WorkshopService workshop) {
    this.pours = pours;
    this.casts = casts;
    this.waste = waste;
    this.stock = stock;
    this.materials = materials;
    this.workshop = workshop;
  }

  /**
   * Begins the row of the first bowl.
   *
   * @return its number, which is that of the pour
   */
  public long open(Meant meant, Instant at) {
    String mix = meant.sheet().batches().get(0).mixes().get(0).key();
    return pours.save(row(meant, mix, 0, null, null, at)).id();
  }

  /** Whether the whole pour was taken back. */
  public boolean isUndone(long pourId) {
    return pours.findById(pourId).map(p -> p.undoneAt() != null).orElse(false);
  }

  private Pour row(
      Meant meant,
      String mix,
      int layer,
      @Nullable String colour,
      @Nullable Long besideId,
      Instant at) {
    List<Long> colourways = meant.layerColourwayIds();
    List<Integer> versions = meant.layerColourwayVersions();
    int of = Math.min(layer, colourways.size() - 1);
    return new Pour(
        meant.recipeId(),
        colour == null ? colourways.get(of) : SheetKeys.id(colour),
        colour == null && versions != null ? versions.get(of) : null,
        besideId,
        mix,
        at,
        meant.roomC(),
        meant.waterC(),
        workshop.view().ratePerHour());
  }

  /**
   * Changes the records of a pour to what its state says.
   *
   * @param copies those meant, and those that were added since
   * @param fillingMin as measured; null where it is not known
   * @param acceptShort whether lots may go below zero
   */
  public void settle(
      long pourId,
      Meant meant,
      List<Meant.MeantCopy> copies,
      PourState state,
      @Nullable Double fillingMin,
      boolean acceptShort,
      Instant at) {
    Map<String, Pour> rows = rows(pourId);
    for (BatchState batch : state.batches()) {
      for (int i = 0; i < batch.mixes().size(); i++) {
        MixState mix = batch.mixes().get(i);
        Pour known = rows.get(mix.mix());
        if (known == null && mix.inKg() > 0) {
          known = pours.save(row(meant, mix.mix(), i, batch.colour(), pourId, at));
          rows.put(mix.mix(), known);
        }
        if (known != null) {
          weighed(known, state, mix);
        }
      }
    }
    Pour first = requireNonNull(rows.values().iterator().next());
    pours.flush();
    rows.forEach((mix, row) -> take(row, state, mix, acceptShort, at));
    casts.settle(first, rows, meant, copies, state, at);
    waste.settle(rows, state, at);
    if (state.status() == PourState.Status.RECORDED) {
      leave(rows, state);
      // What was booked in one go was not timed.
      if (fillingMin != null && fillingMin > 0) {
        rows.values().forEach(row -> row.fillIn(fillingMin));
      }
    }
  }

  /** The bowls of a pour by their names, in the order in which they were begun. */
  private Map<String, Pour> rows(long pourId) {
    Pour first = pours.findById(pourId).orElseThrow();
    return Stream.concat(Stream.of(first), pours.findByBesideIdOrderById(pourId).stream())
        .collect(toMap(p -> requireNonNull(p.mixKey()), p -> p, (a, b) -> a, LinkedHashMap::new));
  }

  /** What went in against what was asked of it, of the materials that went in so far. */
  private static void weighed(Pour row, PourState state, MixState mix) {
    Map<String, Double> asked = new LinkedHashMap<>();
    for (PourState.Step step : state.steps()) {
      PourState.WeighingStep weigh = step.weigh();
      if (weigh != null && weigh.mix().equals(mix.mix()) && weigh.wentKg() > 0) {
        double kg = weigh.askedKg() + (step.status() == StepStatus.DONE ? 0 : weigh.wentKg());
        asked.merge(weigh.material(), kg, Double::sum);
      }
    }
    if (mix.wettedAt() != null) {
      row.pouredAt(mix.wettedAt());
    }
    // What was split off is in another bowl now, in the same proportions.
    double stays = mix.inKg() > 0 ? 1 - mix.splitKg() / mix.inKg() : 1;
    Map<Long, Pour.Went> went = new LinkedHashMap<>();
    mix.inByMaterial()
        .forEach(
            (material, kg) -> {
              if (kg * stays > 0) {
                double was = asked.getOrDefault(material, kg);
                went.put(
                    SheetKeys.id(material),
                    new Pour.Went(
                        kg(was * stays), kg(kg * stays), !mix.assumed().contains(material)));
              }
            });
    row.weigh(went);
  }

  private void take(Pour row, PourState state, String mixKey, boolean acceptShort, Instant at) {
    Map<Long, BigDecimal> own = new LinkedHashMap<>();
    for (BatchState batch : state.batches()) {
      for (MixState mix : batch.mixes()) {
        if (mix.mix().equals(mixKey)) {
          mix.ownByMaterial().forEach((key, kg) -> own.put(SheetKeys.id(key), kg(kg)));
        }
      }
    }
    Map<Long, MaterialView> byId = materials.byIds(own.keySet());
    own.keySet().removeIf(id -> requireNonNull(byId.get(id)).role() == Role.WATER);
    stock.settle(row.id(), own, acceptShort, at);
  }

  /** What was left, over the bowls by what was in them. */
  private static void leave(Map<String, Pour> rows, PourState state) {
    if (!state.bowl().leftMeasured()) {
      return;
    }
    List<Pour> all = List.copyOf(rows.values());
    List<BigDecimal> shares =
        Shares.of(
            kg(state.bowl().leftKg()),
            all.stream().map(p -> Math.max(p.wentKg().doubleValue(), 1e-9)).toList());
    for (int i = 0; i < all.size(); i++) {
      all.get(i).leave(shares.get(i));
    }
  }

  static BigDecimal kg(double mass) {
    return BigDecimal.valueOf(mass).setScale(4, RoundingMode.HALF_UP);
  }
}
