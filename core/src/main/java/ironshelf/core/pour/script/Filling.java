package ironshelf.core.pour.script;

import ironshelf.core.pour.script.Tallies.BatchTally;
import ironshelf.core.pour.script.Tallies.CopyTally;
import ironshelf.core.pour.script.Tallies.MixTally;

/**
 * One filling: draws mix from the bowls of a batch into a copy of a mould.
 *
 * <p>A mass that was weighed is divided between the bowls in proportion to what a full copy takes
 * of each. Where nobody weighed, the copy is assumed to take all that it still has room for; half
 * of that, where it was filled in part.
 */
record Filling(PourSheet sheet, CopyTally copy, BatchTally batch) {

  /** Share of a copy's free room that a part which nobody weighed is assumed to fill. */
  private static final double PART = 0.5;

  void take(What.Filled f) {
    boolean weighed = f.kg() != null && f.source() != null && f.source().isMeasured();
    double restL = copy.restL() * (f.all() ? 1 : PART);
    double[] kg = f.kg() != null ? shared(f.kg()) : new double[batch.mixes.size()];
    for (int i = 0; i < batch.mixes.size(); i++) {
      MixTally mix = batch.mixes.get(i);
      if (f.kg() == null) {
        kg[i] = wanted(mix, mix.kg(restL * share(sheet, batch, i)), f.all());
      }
      Tallies.Draw draw = new Tallies.Draw(mix, copy.copy.key(), kg[i], weighed);
      mix.draw(draw);
      copy.draws.add(draw);
    }
    copy.full = f.all();
    copy.measured &= weighed;
  }

  /**
   * Divides a weighed mass between the bowls. A bowl that cannot have given its share gives what it
   * had, and the others give the rest.
   *
   * @return kg from each bowl, never negative
   */
  private double[] shared(double kg) {
    int count = batch.mixes.size();
    double[] ofEach = new double[count];
    double all = 0;
    for (int i = 0; i < count; i++) {
      ofEach[i] = batch.mixes.get(i).kg(share(sheet, batch, i));
      all += ofEach[i];
    }
    double rest = kg;
    double[] room = new double[count];
    for (int i = 0; i < count; i++) {
      MixTally mix = batch.mixes.get(i);
      double most = Math.max(0, mix.firmKg() + Ledger.SLACK * mix.inKg());
      ofEach[i] = Math.min(most, all > 0 ? kg * ofEach[i] / all : 0);
      room[i] = most - ofEach[i];
      rest -= ofEach[i];
    }
    for (int i = 0; i < count; i++) {
      double more = Math.max(0, Math.min(rest, room[i]));
      ofEach[i] += more;
      rest -= more;
    }
    return ofEach;
  }

  /**
   * Limits a part to what the bowl has left. A copy that was said to be full is not limited: it is
   * full, even where the sum says that the bowl was empty.
   */
  private static double wanted(MixTally mix, double kg, boolean all) {
    return all || mix.leftKg() <= 0 ? kg : Math.min(kg, mix.leftKg());
  }

  /**
   * Returns the share of a copy, 0 to 1, that comes from a bowl: its layer's, or all of it where
   * the batch is one bowl that was split off another.
   */
  static double share(PourSheet sheet, BatchTally batch, int mix) {
    return batch.mixes.size() == sheet.layers().size() ? sheet.layers().get(mix).share() : 1;
  }
}
