package ironshelf.device;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Codes by which an owner lets one device in: eight letters and digits that nobody confuses, good
 * once and for ten minutes. A restart forgets them. After ten wrong ones all are forgotten.
 */
@Component
class PairingCodes {

  private static final String LETTERS = "ABCDEFGHJKMNPQRSTVWXYZ23456789";
  private static final int LENGTH = 8;
  private static final int MOST_WRONG = 10;
  private static final int MOST_AT_ONCE = 20;
  static final Duration GOOD_FOR = Duration.ofMinutes(10);

  /** What it lets in. */
  record Offer(String name, DeviceKind kind, Instant until) {}

  private final SecureRandom random = new SecureRandom();
  private final Map<String, Offer> offers = new LinkedHashMap<>();
  private final Clock clock;
  private int wrong;

  PairingCodes(Clock clock) {
    this.clock = clock;
  }

  /** A new code for a device. */
  synchronized String offer(String name, DeviceKind kind) {
    StringBuilder code = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      code.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
    }
    while (offers.size() >= MOST_AT_ONCE) {
      Iterator<String> oldest = offers.keySet().iterator();
      oldest.next();
      oldest.remove();
    }
    wrong = 0;
    offers.put(code.toString(), new Offer(name, kind, clock.instant().plus(GOOD_FOR)));
    return code.toString();
  }

  /** Takes a code, however it was typed: case, spaces and dashes do not matter. */
  synchronized Optional<Offer> take(String typed) {
    Instant now = clock.instant();
    offers.values().removeIf(o -> o.until().isBefore(now));
    Offer offer = offers.remove(typed.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", ""));
    if (offer == null) {
      wrong++;
      if (wrong >= MOST_WRONG) {
        offers.clear();
      }
    }
    return Optional.ofNullable(offer);
  }
}
