package ironshelf.person;

import com.nulabinc.zxcvbn.Zxcvbn;
import ironshelf.http.problem.ProblemException;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Passwords and PINs: which are good enough, and how they are kept. Argon2id with 19 MiB, two
 * passes and one lane, the least that OWASP's Password Storage Cheat Sheet asks for (from memory).
 */
@Component
class Secrets {

  private static final int SALT_BYTES = 16;
  private static final int HASH_BYTES = 32;
  private static final int MEMORY_KIB = 19_456;
  private static final int PASSES = 2;

  static final int SHORTEST_PASSWORD = 12;
  private static final int LONGEST_PASSWORD = 128;

  /** Of 0 to 4: one that is guessed with fewer than 10^8 tries is refused. */
  private static final int LEAST_SCORE = 3;

  private static final String UPWARDS = "01234567890";
  private static final String DOWNWARDS = "09876543210";

  private final Argon2PasswordEncoder encoder =
      new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, 1, MEMORY_KIB, PASSES);

  /** Made when they are first wanted: most starts of most shops sign nobody in. */
  private @Nullable Zxcvbn guesser;

  private @Nullable String nobodys;

  private synchronized Zxcvbn guesser() {
    if (guesser == null) {
      guesser = new Zxcvbn();
    }
    return guesser;
  }

  /** Compared with where there is nobody, so that it takes as long. */
  private synchronized String nobodys() {
    if (nobodys == null) {
      nobodys = encoder.encode("nobody has this one");
    }
    return nobodys;
  }

  /** The hash of a password that is long and not common; names of the shop do not help it. */
  String password(String password, List<String> names) {
    if (password.length() < SHORTEST_PASSWORD || password.length() > LONGEST_PASSWORD) {
      throw ProblemException.bad(
          "person.password.length", Map.of("low", SHORTEST_PASSWORD, "high", LONGEST_PASSWORD));
    }
    if (guesser().measure(password, names).getScore() < LEAST_SCORE) {
      throw ProblemException.bad("person.password.common", Map.of());
    }
    return encoder.encode(password);
  }

  /** The hash of a PIN of 4 to 8 digits that are neither all the same nor in a row. */
  String pin(String pin) {
    if (!pin.matches("\\d{4,8}")) {
      throw ProblemException.bad("person.pin.digits", Map.of("low", 4, "high", 8));
    }
    if (pin.chars().distinct().count() == 1 || UPWARDS.contains(pin) || DOWNWARDS.contains(pin)) {
      throw ProblemException.bad("person.pin.simple", Map.of());
    }
    return encoder.encode(pin);
  }

  /** Whether what was said is what is kept; takes as long where nothing is. */
  boolean matches(@Nullable String said, @Nullable String kept) {
    boolean right = encoder.matches(said == null ? "" : said, kept == null ? nobodys() : kept);
    return right && kept != null && said != null;
  }
}
