package ironshelf.core.pour.script;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The running totals of a pour while its facts are replayed. Mutable; used by this package only.
 */
final class Tallies {

  private Tallies() {}

  /** The total of one line of the sheet: what went in of one material. */
  static final class LineTally {
    final PourSheet.PlannedLine line;
    double kg;
    boolean closed;
    boolean measured = true;

    /** Whether somebody already decided what to do about this line being off. */
    boolean settled;

    private final MixTally mix;

    LineTally(PourSheet.PlannedLine line, MixTally mix) {
      this.line = line;
      this.mix = mix;
    }

    void add(double more, boolean isMeasured) {
      kg += more;
      measured &= isMeasured;
      mix.ownKg += more;
      mix.ownL += more * line.litresPerKg();
    }
  }

  /** The mass that one filling took from one bowl. */
  record Draw(MixTally mix, String copy, double wantedKg, boolean measured) {
    /**
     * Returns the mass in kg. Assumed masses are scaled down so that they do not exceed the bowl.
     */
    double kg() {
      return measured ? wantedKg : wantedKg * mix.scale();
    }

    double litres() {
      return mix.litres(kg());
    }
  }

  /** The totals of one bowl. */
  static final class MixTally {
    final String key;
    final List<LineTally> lines = new ArrayList<>();

    /** Additions that no line of the sheet asks for. */
    final List<What.PutIn> extras = new ArrayList<>();

    /** The bowl that this one was split off; null for a bowl that was mixed by itself. */
    @Nullable MixTally from;

    double fromKg;
    double fromL;
    double factor = 1;
    boolean followed;
    @Nullable Instant wettedAt;
    final List<Draw> draws = new ArrayList<>();

    /** Mass weighed into this bowl, without what came from another, and the litres it makes. */
    double ownKg;

    double ownL;

    /** Mass drawn by fillings: what was weighed, and what is assumed. */
    private double drawnKg;

    private double assumedKg;
    double thrownKg;
    double splitKg;

    MixTally(String key) {
      this.key = key;
    }

    void put(What.PutIn extra) {
      extras.add(extra);
      ownKg += extra.kg();
      ownL += extra.kg() * extra.litresPerKg();
    }

    void draw(Draw draw) {
      draws.add(draw);
      if (draw.measured()) {
        drawnKg += draw.wantedKg();
      } else {
        assumedKg += draw.wantedKg();
      }
    }

    double inKg() {
      return fromKg + ownKg;
    }

    double inL() {
      return fromL + ownL;
    }

    double leftKg() {
      return Math.max(0, firmKg() - assumedKg * scale());
    }

    /** Returns what went in less all that is known to have left, in kg; may be negative. */
    double firmKg() {
      return inKg() - thrownKg - splitKg - drawnKg;
    }

    /** Returns the factor on assumed masses: 1, or less where they would exceed what was there. */
    double scale() {
      return assumedKg > 0 ? Math.min(1, Math.max(0, firmKg()) / assumedKg) : 1;
    }

    /** Converts kg to litres at the density of what went in; 0 for an empty bowl. */
    double litres(double kg) {
      return inKg() > 0 ? kg * inL() / inKg() : 0;
    }

    double kg(double litres) {
      return inL() > 0 ? litres * inKg() / inL() : 0;
    }

    double askedKg(LineTally line) {
      return line.line.askedKg() * factor;
    }

    /** Tests whether a line is closed and has reached the mass that it was scaled to. */
    boolean isDone(LineTally line) {
      boolean follows =
          followed
              && wettedAt == null
              && line.kg < askedKg(line) - Math.max(line.line.toleranceKg(), 1e-9);
      return line.closed && !follows;
    }

    boolean isWeighed() {
      return lines.stream().allMatch(this::isDone);
    }

    boolean isMeasured() {
      return lines.stream().allMatch(l -> l.measured)
          && extras.stream().allMatch(e -> e.source() != null && e.source().isMeasured())
          && (from == null || from.isMeasured());
    }
  }

  /** The totals of one batch: the bowls that are mixed at once. */
  static final class BatchTally {
    final String key;
    final List<MixTally> mixes;
    final List<PourSheet.PlannedPortion> portions;
    final @Nullable String colour;

    boolean tapped;

    /** Whether somebody reported the bowls empty, whatever the totals say. */
    boolean emptied;

    BatchTally(
        String key,
        List<MixTally> mixes,
        List<PourSheet.PlannedPortion> portions,
        @Nullable String colour) {
      this.key = key;
      this.mixes = mixes;
      this.portions = portions;
      this.colour = colour;
    }

    boolean isWet() {
      return mixes.stream().allMatch(m -> m.wettedAt != null);
    }

    boolean isReady() {
      return isWet() && mixes.stream().allMatch(MixTally::isWeighed);
    }

    double leftKg() {
      return emptied ? 0 : sumLeftKg();
    }

    double firmKg() {
      return emptied ? 0 : sumFirmKg();
    }

    /** Returns what is left by the totals, in kg, even where the bowls were reported empty. */
    double sumLeftKg() {
      return mixes.stream().mapToDouble(MixTally::leftKg).sum();
    }

    double sumFirmKg() {
      return mixes.stream().mapToDouble(MixTally::firmKg).sum();
    }

    /**
     * Takes mix out of the bowls in proportion to what is left in each; where nothing is left by
     * the totals, in proportion to what each had.
     */
    void throwAway(double kg) {
      double left = sumLeftKg();
      double firm = Math.max(0, sumFirmKg());
      double[] parts =
          mixes.stream()
              .mapToDouble(m -> left > 0 ? m.leftKg() / left : Math.max(0, m.firmKg()) / firm)
              .toArray();
      for (int i = 0; i < parts.length; i++) {
        mixes.get(i).thrownKg += kg * parts[i];
      }
    }

    /** Returns what is missing where the bowls were reported empty, in kg; else 0. */
    double lostKg() {
      return emptied ? Math.max(0, sumLeftKg()) : 0;
    }

    double inKg() {
      return mixes.stream().mapToDouble(MixTally::inKg).sum();
    }

    double leftL() {
      return emptied ? 0 : mixes.stream().mapToDouble(m -> m.litres(m.leftKg())).sum();
    }

    /** Tests whether any of this batch went into a copy. */
    boolean fed(String copy) {
      return mixes.stream().flatMap(m -> m.draws.stream()).anyMatch(d -> d.copy().equals(copy));
    }

    /** Returns the litres of this batch in a copy. */
    double litresIn(String copy) {
      return mixes.stream()
          .flatMap(m -> m.draws.stream())
          .filter(d -> d.copy().equals(copy))
          .mapToDouble(Draw::litres)
          .sum();
    }
  }

  /** The totals of one copy of a mould. */
  static final class CopyTally {
    final PourSheet.PlannedCopy copy;
    final List<Draw> draws = new ArrayList<>();
    boolean full;
    boolean measured = true;
    int cavities;
    @Nullable String leftOut;
    boolean added;

    CopyTally(PourSheet.PlannedCopy copy) {
      this.copy = copy;
      this.cavities = copy.cavities();
    }

    double kg() {
      return draws.stream().mapToDouble(Draw::kg).sum();
    }

    /** Returns the litres it holds. A full copy holds what its mould takes, whatever was drawn. */
    double litres() {
      return full ? targetL() : draws.stream().mapToDouble(Draw::litres).sum();
    }

    Map<String, Double> kgByMix() {
      Map<String, Double> kg = new LinkedHashMap<>();
      draws.forEach(d -> kg.merge(d.mix().key, d.kg(), Double::sum));
      return kg;
    }

    double targetL() {
      return copy.litres() * cavities / copy.cavities();
    }

    /** Returns the litres it has room for; 0 once it is full or left out. */
    double restL() {
      return full || leftOut != null ? 0 : Math.max(0, targetL() - litres());
    }

    boolean isEmpty() {
      return draws.isEmpty();
    }

    /**
     * Tests whether the pour may be recorded as far as this copy goes: filled, in part, or left
     * out.
     */
    boolean isSettled() {
      return full || leftOut != null || !isEmpty();
    }
  }
}
