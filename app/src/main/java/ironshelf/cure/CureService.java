package ironshelf.cure;

import static java.util.Objects.requireNonNull;

import ironshelf.core.cure.Demould;
import ironshelf.core.cure.DemouldRequest;
import ironshelf.core.cure.DemouldResult;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** When a casting may come out, by the temperature of its room. */
@Service
public class CureService {

  /**
   * The demould gate of a casting.
   *
   * @param greenUntil null where the mix has no green window
   */
  public record Gate(Instant readyAt, @Nullable Instant greenUntil) {}

  /** The gate of a casting that was filled then, in a room that keeps one temperature. */
  public Gate gate(
      Instant filledAt, double roomC, double demouldAgeH, @Nullable Double greenUntilAgeH) {
    DemouldResult result = Demould.of(DemouldRequest.inRoom(roomC, demouldAgeH, greenUntilAgeH));
    // Equivalent age by Arrhenius goes on at any temperature, so the gate always comes.
    double readyInH = requireNonNull(result.readyInH());
    return new Gate(
        after(filledAt, readyInH),
        result.greenClosesInH() == null ? null : after(filledAt, result.greenClosesInH()));
  }

  private static Instant after(Instant start, double hours) {
    return start.plus(Duration.ofSeconds(Math.round(hours * 3600)));
  }
}
