package ironshelf.core.pour.script;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What is counted while facts are gone through. Mutable, and seen by nobody outside. */
final class Tallies {

  private Tallies() {}

  /** One weighing of a mix. */
  static final class LineTally {
    final PourSheet.PlannedLine line;
    double kg;
    boolean closed;
    boolean measured = true;

    /** Whether it was settled what follows from its being off. */
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

  /** What one filling took of one bowl. */
  record Draw(MixTally mix, String copy, double wantedKg, boolean measured) {
    /** Where nobody weighed, all fillings together cannot have taken more than there was. */
    double kg() {
      return measured ? wantedKg : wantedKg * mix.scale();
    }

    double litres() {
      return mix.litres(kg());
    }
  }

  /** One bowl. */
  static final class MixTally {
    final String key;
    final List<LineTally> lines = new ArrayList<>();

    /** What went in that no line asks for. */
    final List<What.PutIn> extras = new ArrayList<>();

    /** What it was taken from; null where it was mixed from the start. */
    @Nullable MixTally from;

    double fromKg;
    double fromL;
    double factor = 1;
    boolean followed;
    @Nullable Instant wettedAt;
    final List<Draw> draws = new ArrayList<>();

    /** Weighed into it, not taken from another bowl, and the litres that it makes. */
    double ownKg;

    double ownL;

    /** What fillings took of it, by the scale and by what is assumed. */
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

    /** What was in it less what is known to have left it. */
    double firmKg() {
      return inKg() - thrownKg - splitKg - drawnKg;
    }

    /** 1, or less where fillings that nobody weighed would have taken more than there was. */
    double scale() {
      return assumedKg > 0 ? Math.min(1, Math.max(0, firmKg()) / assumedKg) : 1;
    }

    /** Litres that so many kg of it fill; nothing where nothing is in it. */
    double litres(double kg) {
      return inKg() > 0 ? kg * inL() / inKg() : 0;
    }

    double kg(double litres) {
      return inL() > 0 ? litres * inKg() / inL() : 0;
    }

    double askedKg(LineTally line) {
      return line.line.askedKg() * factor;
    }

    /** Whether a line is done: closed, and not short of what it was made to follow. */
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

  /** What is mixed at once. */
  static final class BatchTally {
    final String key;
    final List<MixTally> mixes;
    final List<PourSheet.PlannedPortion> portions;
    final @Nullable String colour;

    boolean tapped;

    /** Whether somebody saw that nothing is left. */
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

    /** What is left by the sum, whether or not it was found. */
    double sumLeftKg() {
      return mixes.stream().mapToDouble(MixTally::leftKg).sum();
    }

    double sumFirmKg() {
      return mixes.stream().mapToDouble(MixTally::firmKg).sum();
    }

    /** Takes mix out of the bowls, of each by what is left in it, or by what it had. */
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

    double inKg() {
      return mixes.stream().mapToDouble(MixTally::inKg).sum();
    }

    double leftL() {
      return emptied ? 0 : mixes.stream().mapToDouble(m -> m.litres(m.leftKg())).sum();
    }

    /** Whether a copy was fed from it. */
    boolean fed(String copy) {
      return mixes.stream().flatMap(m -> m.draws.stream()).anyMatch(d -> d.copy().equals(copy));
    }

    /** What a copy has of it, in litres. */
    double litresIn(String copy) {
      return mixes.stream()
          .flatMap(m -> m.draws.stream())
          .filter(d -> d.copy().equals(copy))
          .mapToDouble(Draw::litres)
          .sum();
    }
  }

  /** A copy of a mould. */
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

    /** What it holds: when it is full what the mould takes, whatever the sum of its mixes says. */
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

    /** What it still takes, in litres; nothing once it is full or left out. */
    double restL() {
      return full || leftOut != null ? 0 : Math.max(0, targetL() - litres());
    }

    boolean isEmpty() {
      return draws.isEmpty();
    }

    /** Whether nothing more is to be done with it: it is full, holds something, or is left out. */
    boolean isSettled() {
      return full || leftOut != null || !isEmpty();
    }
  }
}
