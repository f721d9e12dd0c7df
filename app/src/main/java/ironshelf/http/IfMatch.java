package ironshelf.http;

import ironshelf.http.problem.ProblemException;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The version that an editor saw, as it travels in If-Match. Answers carry it in their body and no
 * ETag: a mould with its copies changes without the mould's own version, and a browser would keep
 * showing the old one.
 */
public final class IfMatch {

  private IfMatch() {}

  /** The version in an If-Match header; refused where there is none. */
  public static long version(@Nullable String header) {
    String digits = header == null ? "" : header.replace("W/", "").replace("\"", "").strip();
    if (!digits.matches("\\d{1,18}")) {
      throw ProblemException.bad("edit.versionMissing", Map.of());
    }
    return Long.parseLong(digits);
  }
}
