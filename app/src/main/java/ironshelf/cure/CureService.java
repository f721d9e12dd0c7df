package ironshelf.cure;

import ironshelf.core.cure.Places;
import ironshelf.core.cure.Stay;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** When a casting may come out, by the temperatures of where it stood. */
@Service
public class CureService {

  /**
   * The demould gate of a casting.
   *
   * @param greenUntil null where the mix has no green window
   * @param usuallyAt when it would be on usual days
   */
  public record DemouldGate(Instant readyAt, @Nullable Instant greenUntil, Instant usuallyAt) {}

  private final Temperatures temperatures;

  CureService(Temperatures temperatures) {
    this.temperatures = temperatures;
  }

  /** The gates by the temperatures as they are now; for many castings at once. */
  public Gates gates() {
    return new Gates(temperatures, temperatures.snapshot());
  }

  /** The gate of one casting. */
  public DemouldGate gate(List<Stay> stays, double demouldAgeH, @Nullable Double greenUntilAgeH) {
    return gates().gate(stays, demouldAgeH, greenUntilAgeH);
  }

  /** The equivalent age of a casting at a moment. */
  public double ageH(List<Stay> stays, Instant at) {
    return temperatures.snapshot(stays.get(0).since()).actual().ageH(stays, at);
  }

  /** Gates by one look at the temperatures. */
  public record Gates(Temperatures temperatures, Temperatures.Snapshot snapshot) {

    /** The temperatures that reach back to where a casting began. */
    public Temperatures.Snapshot lookFor(List<Stay> stays) {
      Instant since = stays.get(0).since();
      return since.isBefore(snapshot.from()) ? temperatures.snapshot(since) : snapshot;
    }

    /**
     * The gate of a casting.
     *
     * @param stays in order, the first from wetting on
     */
    public DemouldGate gate(List<Stay> stays, double demouldAgeH, @Nullable Double greenUntilAgeH) {
      Temperatures.Snapshot look = lookFor(stays);
      return new DemouldGate(
          at(look.actual(), stays, demouldAgeH),
          greenUntilAgeH == null ? null : at(look.actual(), stays, greenUntilAgeH),
          at(look.usual(), stays, demouldAgeH));
    }
  }

  private static Instant at(Places places, List<Stay> stays, double ageH) {
    Instant at = places.momentAt(stays, ageH);
    // Equivalent age by Arrhenius goes on at any temperature, so the gate always comes.
    if (at == null) {
      throw new IllegalStateException("no gate at " + ageH + " h of age");
    }
    return at;
  }
}
