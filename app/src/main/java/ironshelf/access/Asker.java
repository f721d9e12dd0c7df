package ironshelf.access;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Who asks.
 *
 * @param personId who is signed in; null at the shop's own machine, and for a screen at the door
 * @param name of that person
 * @param deviceId the paired device; null at the shop's own machine, and for an owner elsewhere
 */
public record Asker(
    @Nullable Long personId, @Nullable String name, Role role, @Nullable Long deviceId) {

  /** Whoever sits at the shop's own machine. */
  public static final Asker OWN_MACHINE = new Asker(null, null, Role.OWNER, null);

  /** Who asks for what is being done; nobody in work of the application's own. */
  public static Optional<Asker> current() {
    Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
    return signedIn != null && signedIn.getPrincipal() instanceof Asker asker
        ? Optional.of(asker)
        : Optional.empty();
  }

  /** Whether figures in money are for them. Work of the application's own sees everything. */
  public static boolean seesMoney() {
    return current().map(a -> a.role == Role.OWNER).orElse(true);
  }
}
