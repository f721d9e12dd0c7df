package ironshelf.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;

/** Finds out who a request is from. */
public interface AskerSource {

  /** Who it is; empty where nobody is signed in. */
  Optional<Asker> of(HttpServletRequest request);
}
