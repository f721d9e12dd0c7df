package ironshelf.core.pour.script;

import ironshelf.core.pour.script.Tallies.BatchTally;
import ironshelf.core.pour.script.Tallies.CopyTally;
import ironshelf.core.pour.script.Tallies.MixTally;

/**
 * Takes mix out of bowls into a copy. What was weighed is shared over the layers by what each of
 * them weighs; what was not counts as what the copy holds, or half of what it still takes.
 */
record Filling(PourSheet sheet, CopyTally copy, BatchTally batch) {

  /** Of what a copy still takes: how much a part of it is where nobody weighed it. */
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

  /** What was weighed, over the bowls; one that cannot have given its share gives what it had. */
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
   * A part is no more than the bowl has; what is full holds what it holds, whatever the sum says.
   */
  private static double wanted(MixTally mix, double kg, boolean all) {
    return all || mix.leftKg() <= 0 ? kg : Math.min(kg, mix.leftKg());
  }

  /** How much of what a copy takes comes from one of a batch's bowls. */
  static double share(PourSheet sheet, BatchTally batch, int mix) {
    return batch.mixes.size() == sheet.layers().size() ? sheet.layers().get(mix).share() : 1;
  }
}
