package ironshelf.core.pour.script;

import ironshelf.core.pour.script.Tallies.BatchTally;
import ironshelf.core.pour.script.Tallies.CopyTally;
import ironshelf.core.pour.script.Tallies.LineTally;
import ironshelf.core.pour.script.Tallies.MixTally;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Works out a further batch that was not planned: its lines and what it is meant to fill. */
final class Remix {

  private Remix() {}

  /**
   * Returns the lines of a mix in the proportions in which another really went in, including
   * additions that its sheet did not ask for.
   *
   * @param factor by which every mass is multiplied
   */
  static List<PourSheet.PlannedLine> lines(MixTally like, double factor, String key) {
    List<PourSheet.PlannedLine> lines = new ArrayList<>();
    for (LineTally tally : like.lines) {
      PourSheet.PlannedLine line = tally.line;
      Double most = line.mostKg();
      lines.add(
          new PourSheet.PlannedLine(
              key + "/" + lines.size(),
              line.material(),
              line.role(),
              tally.kg * factor,
              line.toleranceKg() * factor,
              line.litresPerKg(),
              line.afterWetting(),
              most == null ? null : most * factor));
    }
    for (What.PutIn extra : like.extras) {
      lines.add(
          new PourSheet.PlannedLine(
              key + "/" + lines.size(),
              extra.material(),
              extra.role(),
              extra.kg() * factor,
              0,
              extra.litresPerKg(),
              true,
              null));
    }
    return lines;
  }

  /**
   * Inserts a further batch directly after the one that ran short, so that copies which are filled
   * in part do not wait for the other batches.
   */
  static void next(Map<String, BatchTally> batches, BatchTally like, BatchTally more) {
    List<BatchTally> all = new ArrayList<>(batches.values());
    all.add(all.indexOf(like) + 1, more);
    batches.clear();
    all.forEach(b -> batches.put(b.key, b));
  }

  /** Returns kg by material for so many litres more of a batch, in its own proportions. */
  static Map<String, Double> kg(BatchTally like, double litres) {
    double likeL = like.mixes.stream().mapToDouble(MixTally::inL).sum();
    Map<String, Double> kg = new LinkedHashMap<>();
    for (MixTally mix : like.mixes) {
      for (PourSheet.PlannedLine line : lines(mix, litres / likeL, "")) {
        kg.merge(line.material(), line.askedKg(), Double::sum);
      }
    }
    return kg;
  }

  /** Tests whether a later batch is also meant for a copy. */
  static boolean isMeantLater(Ledger ledger, BatchTally batch, String copy) {
    boolean after = false;
    for (BatchTally other : ledger.batches.values()) {
      if (after && other.portions.stream().anyMatch(p -> p.copy().equals(copy))) {
        return true;
      }
      after |= other == batch;
    }
    return false;
  }

  /**
   * Returns the room that no batch still to come is meant for, by copy, in the order of filling.
   */
  static List<PourSheet.PlannedPortion> portions(Ledger ledger) {
    Map<String, Double> toCome = new LinkedHashMap<>();
    for (BatchTally batch : ledger.batches.values()) {
      if (!batch.isWet()) {
        batch.portions.forEach(p -> toCome.merge(p.copy(), p.litres(), Double::sum));
      }
    }
    List<PourSheet.PlannedPortion> portions = new ArrayList<>();
    for (CopyTally copy : ledger.copies.values()) {
      double rest = copy.restL() - toCome.getOrDefault(copy.copy.key(), 0.0);
      if (rest > Advisor.NOTHING_L) {
        portions.add(new PourSheet.PlannedPortion(copy.copy.key(), rest));
      }
    }
    return portions;
  }
}
