package ironshelf.standin;

import org.springframework.stereotype.Component;

/** The stand-in: a pot that warms on its heat, and cools in the room, within a minute or two. */
@Component
class SimulatedThermometer implements Thermometer {

  private static final double HOT_C = 92;
  private static final double ROOM_C = 20;
  private static final double CHANGES_S = 45;

  private double fromC = ROOM_C;
  private double toC = ROOM_C;
  private long changedNs = System.nanoTime();

  synchronized void heat(boolean on) {
    fromC = celsius();
    toC = on ? HOT_C : ROOM_C;
    changedNs = System.nanoTime();
  }

  @Override
  public synchronized double celsius() {
    double seconds = (System.nanoTime() - changedNs) / 1e9;
    double celsius = toC + (fromC - toC) * Math.exp(-seconds / CHANGES_S);
    return Math.round(celsius * 10) / 10.0;
  }
}
