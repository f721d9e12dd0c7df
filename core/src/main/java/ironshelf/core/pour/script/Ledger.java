package ironshelf.core.pour.script;

import static java.util.Objects.requireNonNull;

import ironshelf.core.pour.script.Tallies.BatchTally;
import ironshelf.core.pour.script.Tallies.CopyTally;
import ironshelf.core.pour.script.Tallies.LineTally;
import ironshelf.core.pour.script.Tallies.MixTally;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Goes through facts one by one and keeps count. A fact that cannot be is noted in the findings and
 * counts for nothing.
 */
final class Ledger implements What.Listener {

  /** A scale, or a guess at what stuck to the trowel, may be off by so much of what went in. */
  static final double SLACK = 0.03;

  final PourSheet sheet;
  final Map<String, CopyTally> copies = new LinkedHashMap<>();
  final Map<String, BatchTally> batches = new LinkedHashMap<>();
  final Map<String, MixTally> mixes = new LinkedHashMap<>();
  final Map<String, LineTally> lines = new LinkedHashMap<>();
  final Set<String> checked = new LinkedHashSet<>();
  final List<PourState.Lost> lost = new ArrayList<>();
  final Findings findings = new Findings();
  PourState.Status status = PourState.Status.OPEN;
  What.@Nullable LeftWeighed left;

  /** Minutes from the act before to each filling: what filling took. */
  double fillingMinutes;

  boolean filledAny;
  private @Nullable Instant before;
  private @Nullable Instant at;
  private String path = "";

  Ledger(PourSheet sheet) {
    this.sheet = sheet;
    sheet.copies().forEach(c -> copies.put(c.key(), new CopyTally(c)));
    for (PourSheet.PlannedBatch batch : sheet.batches()) {
      List<MixTally> own = new ArrayList<>();
      for (PourSheet.PlannedMix mix : batch.mixes()) {
        own.add(begin(mix.key(), mix.lines()));
      }
      batches.put(batch.key(), new BatchTally(batch.key(), own, batch.portions(), null));
    }
  }

  private MixTally begin(String key, List<PourSheet.PlannedLine> asked) {
    MixTally mix = new MixTally(key);
    for (PourSheet.PlannedLine line : asked) {
      LineTally tally = new LineTally(line, mix);
      mix.lines.add(tally);
      lines.put(line.key(), tally);
    }
    mixes.put(key, mix);
    return mix;
  }

  void take(String field, PourFact fact) {
    this.path = field;
    this.at = fact.at();
    What what = requireNonNull(fact.what());
    if (status != PourState.Status.OPEN) {
      refuse(FindingCode.POUR_CLOSED, Map.of());
      return;
    }
    what.tell(this);
    this.before = fact.at();
  }

  private void refuse(FindingCode code, Map<String, Object> params) {
    findings.addIf(true, code, path, params);
  }

  private <T> @Nullable T named(String kind, String key, Map<String, T> among) {
    T found = among.get(key);
    if (found == null) {
      refuse(FindingCode.POUR_NAME_UNKNOWN, Map.of("kind", kind, "name", key));
    }
    return found;
  }

  private boolean isNew(String key) {
    boolean taken = batches.containsKey(key) || copies.containsKey(key);
    if (taken) {
      refuse(FindingCode.POUR_NAME_TAKEN, Map.of("name", key));
    }
    return !taken;
  }

  /** All that was weighed into any bowl, in kg. */
  double weighedKg() {
    return mixes.values().stream().mapToDouble(m -> m.ownKg).sum();
  }

  @Override
  public void checked(What.Checked f) {
    if (sheet.checks().contains(f.check())) {
      checked.add(f.check());
    } else {
      refuse(FindingCode.POUR_NAME_UNKNOWN, Map.of("kind", "check", "name", f.check()));
    }
  }

  @Override
  public void weighed(What.WeighedIn f) {
    LineTally line = named("line", f.line(), lines);
    if (line != null) {
      line.add(f.kg(), f.source() != null && f.source().isMeasured());
      line.closed = !f.more();
    }
  }

  @Override
  public void asAsked(What.AsAsked f) {
    MixTally mix = named("mix", f.mix(), mixes);
    if (mix == null) {
      return;
    }
    for (LineTally line : mix.lines) {
      if (!mix.isDone(line)) {
        line.add(Math.max(0, mix.askedKg(line) - line.kg), false);
        line.closed = true;
      }
    }
  }

  @Override
  public void putIn(What.PutIn f) {
    MixTally mix = named("mix", f.mix(), mixes);
    if (mix != null) {
      mix.put(f);
    }
  }

  @Override
  public void followed(What.Followed f) {
    MixTally mix = named("mix", f.mix(), mixes);
    if (mix != null) {
      mix.factor = f.factor();
      mix.followed = true;
      mix.lines.forEach(l -> l.settled |= l.closed);
    }
  }

  @Override
  public void wetted(What.Wetted f) {
    MixTally mix = named("mix", f.mix(), mixes);
    if (mix == null) {
      return;
    }
    if (mix.inKg() <= 0) {
      refuse(FindingCode.POUR_BOWL_EMPTY, Map.of("name", f.mix()));
    } else if (mix.wettedAt == null) {
      mix.wettedAt = at;
    }
  }

  @Override
  public void filled(What.Filled f) {
    CopyTally copy = named("copy", f.copy(), copies);
    BatchTally batch = named("batch", f.batch(), batches);
    if (copy == null || batch == null || !mayBeFilled(copy, batch, f)) {
      return;
    }
    if (f.cavities() != null) {
      copy.cavities = f.cavities();
    }
    new Filling(sheet, copy, batch).take(f);
    if (before != null && at != null) {
      fillingMinutes += Math.max(0, (at.toEpochMilli() - before.toEpochMilli()) / 60_000.0);
    }
    filledAny = true;
  }

  private boolean mayBeFilled(CopyTally copy, BatchTally batch, What.Filled f) {
    if (copy.leftOut != null) {
      refuse(FindingCode.POUR_COPY_LEFT_OUT, Map.of("copy", f.copy(), "why", copy.leftOut));
    } else if (copy.full) {
      refuse(FindingCode.POUR_COPY_FULL, Map.of("copy", f.copy()));
    } else if (!batch.isWet()) {
      refuse(FindingCode.POUR_NOT_WET, Map.of("name", f.batch()));
    } else if (f.cavities() != null && f.cavities() > copy.copy.cavities()) {
      refuse(
          FindingCode.NUMBER_TOO_LARGE,
          Map.of("value", f.cavities(), "high", copy.copy.cavities()));
    } else if (f.kg() != null && f.kg() > batch.firmKg() + SLACK * batch.inKg()) {
      refuse(
          FindingCode.POUR_MORE_THAN_BOWL,
          Map.of("name", f.copy(), "value", f.kg(), "left", Math.max(0, batch.firmKg())));
    } else if (batch.firmKg() <= 0) {
      refuse(FindingCode.POUR_BOWL_EMPTY, Map.of("name", f.batch()));
    } else {
      return true;
    }
    return false;
  }

  @Override
  public void leftOut(What.LeftOut f) {
    CopyTally copy = named("copy", f.copy(), copies);
    if (copy == null) {
      return;
    }
    if (copy.full) {
      refuse(FindingCode.POUR_COPY_HOLDS, Map.of("copy", f.copy()));
    } else {
      copy.leftOut = f.why();
    }
  }

  @Override
  public void added(What.Added f) {
    PourSheet.PlannedCopy copy = requireNonNull(f.copy());
    if (isNew(copy.key())) {
      CopyTally tally = new CopyTally(copy);
      tally.added = true;
      copies.put(copy.key(), tally);
    }
  }

  @Override
  public void mixedMore(What.MixedMore f) {
    BatchTally like = named("batch", f.like(), batches);
    if (like == null || !isNew(f.batch())) {
      return;
    }
    if (like.inKg() <= 0) {
      refuse(FindingCode.POUR_BOWL_EMPTY, Map.of("name", f.like()));
      return;
    }
    List<MixTally> more = new ArrayList<>();
    double likeL = like.mixes.stream().mapToDouble(MixTally::inL).sum();
    for (int i = 0; i < like.mixes.size(); i++) {
      String key = f.batch() + "/" + i;
      more.add(begin(key, Remix.lines(like.mixes.get(i), f.litres() / likeL, key)));
    }
    Remix.next(batches, like, new BatchTally(f.batch(), more, Remix.portions(this), like.colour));
  }

  @Override
  public void splitOff(What.SplitOff f) {
    MixTally mix = named("mix", f.mix(), mixes);
    if (mix == null || !isNew(f.batch())) {
      return;
    }
    if (f.kg() > mix.firmKg() + 1e-9) {
      refuse(
          FindingCode.POUR_MORE_THAN_BOWL,
          Map.of("name", f.mix(), "value", f.kg(), "left", Math.max(0, mix.firmKg())));
      return;
    }
    MixTally part = begin(f.batch() + "/0", List.of());
    part.from = mix;
    part.fromKg = f.kg();
    part.fromL = mix.litres(f.kg());
    part.wettedAt = mix.wettedAt;
    mix.splitKg += f.kg();
    batches.put(f.batch(), new BatchTally(f.batch(), List.of(part), List.of(), f.colour()));
  }

  @Override
  public void emptied(What.Emptied f) {
    BatchTally batch = named("batch", f.batch(), batches);
    if (batch != null && !batch.isWet()) {
      refuse(FindingCode.POUR_NOT_WET, Map.of("name", f.batch()));
    } else if (batch != null) {
      batch.emptied = true;
    }
  }

  @Override
  public void tapped(What.Tapped f) {
    BatchTally batch = named("batch", f.batch(), batches);
    if (batch != null) {
      batch.tapped = true;
    }
  }

  @Override
  public void leftWeighed(What.LeftWeighed f) {
    double in = weighedKg();
    if (f.kg() > in) {
      refuse(FindingCode.POUR_MORE_THAN_BOWL, Map.of("name", "left", "value", f.kg(), "left", in));
    } else {
      left = f;
    }
  }

  @Override
  public void thrown(What.Thrown f) {
    BatchTally batch = named("batch", f.batch(), batches);
    if (batch == null) {
      return;
    }
    double held = batch.sumLeftKg();
    double most = f.kg() == null ? held : Math.max(0, batch.sumFirmKg());
    double kg = f.kg() == null ? held : f.kg();
    if (most <= 0 || kg > most + 1e-9) {
      refuse(
          most <= 0 ? FindingCode.POUR_BOWL_EMPTY : FindingCode.POUR_MORE_THAN_BOWL,
          Map.of("name", f.batch(), "value", kg, "left", most));
      return;
    }
    batch.throwAway(kg);
    lost.add(new PourState.Lost(batch.key, kg, f.why(), requireNonNull(at)));
  }

  @Override
  public void recorded(What.Recorded f) {
    List<String> open =
        copies.values().stream().filter(c -> !c.isSettled()).map(c -> c.copy.key()).toList();
    if (!open.isEmpty()) {
      refuse(FindingCode.POUR_UNFILLED, Map.of("copies", String.join(" ", open)));
    } else {
      status = PourState.Status.RECORDED;
    }
  }

  @Override
  public void abandoned(What.Abandoned f) {
    List<String> held =
        copies.values().stream().filter(c -> !c.isEmpty()).map(c -> c.copy.key()).toList();
    if (!held.isEmpty()) {
      refuse(FindingCode.POUR_COPY_HOLDS, Map.of("copy", String.join(" ", held)));
    } else {
      status = PourState.Status.ABANDONED;
    }
  }

  /** Handled before facts are gone through. */
  @Override
  public void takenBack(What.TakenBack f) {}
}
