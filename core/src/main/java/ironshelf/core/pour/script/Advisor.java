package ironshelf.core.pour.script;

import ironshelf.core.pour.script.PourState.Advice;
import ironshelf.core.pour.script.PourState.Remedy;
import ironshelf.core.pour.script.Tallies.BatchTally;
import ironshelf.core.pour.script.Tallies.CopyTally;
import ironshelf.core.pour.script.Tallies.LineTally;
import ironshelf.core.pour.script.Tallies.MixTally;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Compares what happened in a pour with its sheet and proposes remedies: for a line that is off
 * proportion, for a batch that cannot fill what it is meant for, and for mass that is unaccounted
 * for. It decides nothing.
 */
final class Advisor {

  /** Volumes below this count as zero, in litres. */
  static final double NOTHING_L = 1e-6;

  private final Ledger ledger;
  private final List<Advice> advice = new ArrayList<>();

  private Advisor(Ledger ledger) {
    this.ledger = ledger;
  }

  static List<Advice> of(Ledger ledger, PourState.Bowl bowl) {
    Advisor advisor = new Advisor(ledger);
    if (ledger.status == PourState.Status.OPEN) {
      ledger.mixes.values().forEach(advisor::proportion);
      ledger.batches.values().forEach(advisor::shortage);
    }
    advisor.unaccounted(bowl);
    return List.copyOf(advisor.advice);
  }

  /** Reports the last line that is off by more than its tolerance, while its mix is still dry. */
  private void proportion(MixTally mix) {
    if (mix.wettedAt != null) {
      return;
    }
    LineTally off = null;
    for (LineTally line : mix.lines) {
      double by = Math.abs(line.kg - mix.askedKg(line));
      // A whisker more than the tolerance, so that a reading at its very edge is within it.
      if (line.closed && !line.settled && by > line.line.toleranceKg() * (1 + 1e-9) + 1e-9) {
        off = line;
      }
    }
    if (off == null || off.line.askedKg() <= 0) {
      return;
    }
    advice.add(
        new Advice(
            Finding.of(
                FindingCode.POUR_OFF_PROPORTION,
                Map.of(
                    "material", off.line.material(), "value", off.kg, "asked", mix.askedKg(off))),
            List.of(
                new Remedy(
                    "followed", Map.of("mix", mix.key, "factor", off.kg / off.line.askedKg())))));
  }

  /** Reports what a complete batch lacks for the copies that it is meant for. */
  private void shortage(BatchTally batch) {
    if (!batch.isReady() || batch.inKg() <= 0) {
      return;
    }
    List<String> open = new ArrayList<>();
    double needL = 0;
    for (PourSheet.PlannedPortion portion : batch.portions) {
      CopyTally copy = ledger.copies.get(portion.copy());
      double got = batch.litresIn(portion.copy());
      double rest = copy == null ? 0 : Math.min(copy.restL(), portion.litres() - got);
      if (rest > NOTHING_L && !Remix.isMeantLater(ledger, batch, portion.copy())) {
        needL += rest;
        open.add(portion.copy());
      }
    }
    double shortL = needL - batch.leftL();
    if (shortL <= NOTHING_L) {
      return;
    }
    double more = shortL * (1 + ledger.sheet.wastePercent() / 100);
    List<Remedy> remedies = new ArrayList<>();
    remedies.add(
        new Remedy(
            "mixedMore",
            Map.of("like", batch.key, "litres", more, "materials", Remix.kg(batch, more))));
    open.forEach(c -> remedies.add(new Remedy("leftOut", Map.of("copy", c))));
    advice.add(
        new Advice(
            Finding.of(
                FindingCode.POUR_SHORT,
                Map.of("batch", batch.key, "litres", shortL, "copies", String.join(" ", open))),
            remedies));
  }

  private void unaccounted(PourState.Bowl bowl) {
    if (Math.abs(bowl.unaccountedKg()) > Ledger.SLACK * bowl.inKg() + 1e-9) {
      advice.add(
          new Advice(
              Finding.of(
                  FindingCode.POUR_UNACCOUNTED,
                  Map.of("value", bowl.unaccountedKg(), "in", bowl.inKg())),
              lost(bowl.unaccountedKg())));
    }
  }

  /** Proposes to book the mass as thrown away from the first batch that has so much left. */
  private List<Remedy> lost(double kg) {
    return ledger.batches.values().stream()
        .filter(b -> ledger.status == PourState.Status.OPEN && kg > 0 && b.sumLeftKg() >= kg - 1e-9)
        .limit(1)
        .map(b -> new Remedy("thrown", Map.of("batch", b.key, "kg", Math.min(kg, b.sumLeftKg()))))
        .toList();
  }
}
