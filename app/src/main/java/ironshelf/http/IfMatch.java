package ironshelf.http;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The version that an editor saw, as it travels in ETag and If-Match. */
public final class IfMatch {

  private IfMatch() {}

  public static String tag(long version) {
    return "\"" + version + "\"";
  }

  /** The version in an If-Match header; refused where there is none. */
  public static long version(@Nullable String header) {
    String digits = header == null ? "" : header.replace("W/", "").replace("\"", "").strip();
    if (!digits.matches("\\d{1,18}")) {
      throw ProblemException.bad("edit.versionMissing", Map.of());
    }
    return Long.parseLong(digits);
  }
}
