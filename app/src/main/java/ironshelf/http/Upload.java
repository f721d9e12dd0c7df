package ironshelf.http;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;

/** A file sent as a request's body; how long it may be is {@link BodyLimitFilter}'s matter. */
public final class Upload {

  /** Clients name a file's type as they like; what it is shows when it is read. */
  public static final String ANY_TYPE = "*/*";

  private Upload() {}

  public static byte[] bytes(HttpServletRequest request) throws IOException {
    return request.getInputStream().readAllBytes();
  }
}
