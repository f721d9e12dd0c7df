package ironshelf.core.pour.script;

import static java.util.Objects.requireNonNull;

import ironshelf.core.material.Role;
import ironshelf.core.pour.script.PourState.Step;
import ironshelf.core.pour.script.PourState.StepKind;
import ironshelf.core.pour.script.PourState.StepStatus;
import ironshelf.core.pour.script.Tallies.BatchTally;
import ironshelf.core.pour.script.Tallies.CopyTally;
import ironshelf.core.pour.script.Tallies.LineTally;
import ironshelf.core.pour.script.Tallies.MixTally;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Lists the steps of a pour in order, from the checks of the moulds to the record: for each batch
 * its weighings and wettings, then its fillings. Steps are derived from the totals each time; none
 * is stored.
 */
final class Path {

  private final Ledger ledger;
  private final List<Step> steps = new ArrayList<>();

  private Path(Ledger ledger) {
    this.ledger = ledger;
  }

  static List<Step> of(Ledger ledger) {
    Path path = new Path(ledger);
    for (String check : ledger.sheet.checks()) {
      path.add(
          "check/" + check, StepKind.CHECK, ledger.checked.contains(check), "checked", check, null);
    }
    ledger.batches.values().forEach(path::batch);
    path.unplanned();
    path.add("left", StepKind.LEFT, ledger.left != null, "leftWeighed", "left", null);
    path.add(
        "record",
        StepKind.RECORD,
        ledger.status == PourState.Status.RECORDED,
        "recorded",
        "record",
        null);
    return path.marked();
  }

  private void add(
      String key,
      StepKind kind,
      boolean done,
      String completedBy,
      String about,
      @Nullable String batch) {
    steps.add(
        new Step(
            key,
            kind,
            done ? StepStatus.DONE : StepStatus.LATER,
            completedBy,
            about,
            batch,
            null,
            null,
            0));
  }

  private void batch(BatchTally batch) {
    double all = 0;
    for (MixTally mix : batch.mixes) {
      all += mix.fromKg + mix.lines.stream().mapToDouble(mix::askedKg).sum();
    }
    double in = 0;
    for (MixTally mix : batch.mixes) {
      in += mix.fromKg;
      in = weigh(batch, mix, false, in, all);
      if (mix.from == null) {
        add("wet/" + mix.key, StepKind.WET, mix.wettedAt != null, "wetted", mix.key, batch.key);
      }
      in = weigh(batch, mix, true, in, all);
    }
    for (PourSheet.PlannedPortion portion : batch.portions) {
      fill(batch, requireNonNull(ledger.copies.get(portion.copy())), portion.litres());
    }
    if (!batch.portions.isEmpty()) {
      add("finish/" + batch.key, StepKind.FINISH, batch.tapped, "tapped", batch.key, batch.key);
    }
  }

  private double weigh(
      BatchTally batch, MixTally mix, boolean afterWetting, double before, double all) {
    double in = before;
    for (LineTally tally : mix.lines) {
      PourSheet.PlannedLine line = tally.line;
      if (line.afterWetting() != afterWetting) {
        continue;
      }
      double asked = mix.askedKg(tally);
      in += asked;
      boolean done = mix.isDone(tally);
      steps.add(
          new Step(
              line.key(),
              StepKind.WEIGH,
              done ? StepStatus.DONE : StepStatus.LATER,
              "weighed",
              line.key(),
              batch.key,
              new PourState.WeighingStep(
                  mix.key,
                  line.material(),
                  requireNonNull(line.role()),
                  done ? asked : Math.max(0, asked - tally.kg),
                  line.toleranceKg(),
                  tally.kg,
                  line.mostKg() == null ? null : line.mostKg() * mix.factor,
                  afterWetting && line.role() == Role.WATER),
              null,
              all > 0 ? in / all : 0));
    }
    return in;
  }

  private void fill(BatchTally batch, CopyTally copy, double litres) {
    double already = batch.litresIn(copy.copy.key());
    boolean whole = litres >= copy.targetL() - copy.litres() + already - Advisor.NOTHING_L;
    // A part that was meant to be one is done with the first filling; else it is topped up.
    boolean done = batch.fed(copy.copy.key()) && (copy.full || !whole);
    boolean dry = batch.isReady() && batch.leftL() <= Advisor.NOTHING_L;
    boolean elsewhere = dry && Remix.isMeantLater(ledger, batch, copy.copy.key());
    boolean skipped = !done && (copy.full || copy.leftOut != null || elsewhere);
    double rest = Math.min(Math.max(0, litres - already), copy.restL());
    Map<String, Double> kgByMix = new LinkedHashMap<>();
    double kg = 0;
    for (int i = 0; i < batch.mixes.size(); i++) {
      MixTally mix = batch.mixes.get(i);
      double ofMix = rest * Filling.share(ledger.sheet, batch, i) * densityKgL(mix);
      kgByMix.put(mix.key, ofMix);
      kg += ofMix;
    }
    steps.add(
        new Step(
            "fill/" + batch.key + "/" + copy.copy.key(),
            StepKind.FILL,
            done ? StepStatus.DONE : skipped ? StepStatus.SKIPPED : StepStatus.LATER,
            "filled",
            copy.copy.key(),
            batch.key,
            null,
            new PourState.FillingStep(copy.copy.key(), kg, kgByMix, whole),
            1));
  }

  /** Returns kg per litre of what went in; of what is asked, while the bowl is empty. */
  private static double densityKgL(MixTally mix) {
    if (mix.inL() > 0) {
      return mix.inKg() / mix.inL();
    }
    double kg = 0;
    double litres = 0;
    for (LineTally line : mix.lines) {
      kg += line.line.askedKg();
      litres += line.line.askedKg() * line.line.litresPerKg();
    }
    return litres > 0 ? kg / litres : 0;
  }

  /** Adds fillings for copies that were added at the bench, from the batch that was wetted last. */
  private void unplanned() {
    BatchTally last = null;
    for (BatchTally batch : ledger.batches.values()) {
      last = batch.isWet() ? batch : last;
    }
    if (last == null) {
      return;
    }
    for (CopyTally copy : ledger.copies.values()) {
      boolean planned =
          ledger.batches.values().stream()
              .flatMap(b -> b.portions.stream())
              .anyMatch(p -> p.copy().equals(copy.copy.key()));
      if (!planned && copy.added) {
        fill(last, copy, copy.targetL());
      }
    }
  }

  /**
   * Marks the first open step as the current one. Among fillings of one batch, empty copies come
   * before those that hold a part.
   */
  private List<Step> marked() {
    if (ledger.status != PourState.Status.OPEN) {
      return steps.stream()
          .map(s -> s.status() == StepStatus.LATER ? s.as(StepStatus.SKIPPED) : s)
          .toList();
    }
    int now = -1;
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      if (step.status() != StepStatus.LATER) {
        continue;
      }
      boolean sameBatch =
          now >= 0 && step.kind() == StepKind.FILL && sameBatch(steps.get(now), step);
      if (now < 0 || (sameBatch && isPart(steps.get(now)) && !isPart(step))) {
        now = i;
      } else if (!sameBatch) {
        break;
      }
    }
    if (now >= 0) {
      steps.set(now, steps.get(now).as(StepStatus.NOW));
    }
    return List.copyOf(steps);
  }

  private static boolean sameBatch(Step a, Step b) {
    return a.kind() == StepKind.FILL && a.batch() != null && a.batch().equals(b.batch());
  }

  private boolean isPart(Step step) {
    return step.kind() == StepKind.FILL
        && !requireNonNull(ledger.copies.get(step.about())).isEmpty();
  }
}
