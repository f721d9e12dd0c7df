package ironshelf.standin;

import ironshelf.standin.Scale.ScaleReading;
import ironshelf.standin.Scale.ScaleState;
import java.util.Random;
import org.springframework.stereotype.Component;

/**
 * The stand-in: a scale of 30 kg by 1 g that takes a moment to settle, trembles, creeps a little,
 * and can be overloaded and unplugged.
 */
@Component
public class SimulatedScale implements Scale {

  private static final double MOST_KG = 30;
  private static final double STEP_KG = 0.001;
  private static final double SETTLES_S = 0.35;
  private static final double NOISE_KG = 0.000_4;
  private static final double CREEP_KG_PER_S = 0.000_002;
  private static final double STEADY_KG = 0.002;

  private final Random noise = new Random(7);
  private double beforeKg;
  private double onKg;
  private double tareKg;
  private long changedNs = System.nanoTime();
  private boolean plugged = true;

  /** Puts so much on it, in place of what stood there. */
  public synchronized void put(double kg) {
    beforeKg = shown();
    onKg = kg;
    changedNs = System.nanoTime();
  }

  /** What stands on it, tare included. */
  public synchronized double onKg() {
    return onKg;
  }

  public synchronized void plug(boolean in) {
    plugged = in;
  }

  @Override
  public synchronized void tare() {
    tareKg = onKg;
  }

  public synchronized double tareKg() {
    return tareKg;
  }

  @Override
  public synchronized ScaleReading read() {
    if (!plugged) {
      return new ScaleReading(null, false, ScaleState.UNPLUGGED);
    }
    double shown = shown();
    if (shown > MOST_KG) {
      return new ScaleReading(null, false, ScaleState.OVERLOAD);
    }
    boolean steady = Math.abs(shown - onKg) < STEADY_KG;
    double trembling = shown - tareKg + noise.nextGaussian() * NOISE_KG;
    return new ScaleReading(Math.round(trembling / STEP_KG) * STEP_KG, steady, ScaleState.WEIGHING);
  }

  private double shown() {
    double seconds = (System.nanoTime() - changedNs) / 1e9;
    double settling = (beforeKg - onKg) * Math.exp(-seconds / SETTLES_S);
    return onKg + settling + CREEP_KG_PER_S * Math.min(seconds, 60) * Math.signum(onKg);
  }
}
