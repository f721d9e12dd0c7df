package ironshelf.http.json;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.exc.StreamReadException;

/**
 * What binding found wrong with the request at hand, kept until the whole body is read, so that one
 * answer can say all of it.
 */
public final class BindingFindings {

  /** Nobody mends more than these before asking again; a body may have tens of thousands. */
  private static final int MOST = 200;

  private static final String ATTRIBUTE = BindingFindings.class.getName();

  private BindingFindings() {}

  static void unreadable(JsonParser parser, @Nullable Object value, String wanted) {
    add(
        new Finding(
            FindingCode.VALUE_UNREADABLE,
            path(parser),
            Map.of("value", shortened(value), "wanted", wanted)));
  }

  static void add(Finding finding) {
    Findings found = current();
    found.add(finding);
    if (found.size() >= MOST) {
      // Ends the reading; what was found so far is told as ever.
      throw new StreamReadException(null, "more than " + MOST + " faults");
    }
  }

  /** What was found in this request, emptied. */
  public static Findings take() {
    List<Finding> all = current().toList();
    RequestContextHolder.currentRequestAttributes()
        .removeAttribute(ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
    Findings said = new Findings();
    // What is missing only because something inside it was refused needs no words of its own.
    Set<String> around = new HashSet<>();
    for (Finding finding : all) {
      String field = finding.field();
      for (int dot = field.indexOf('.'); dot >= 0; dot = field.indexOf('.', dot + 1)) {
        around.add(field.substring(0, dot));
      }
    }
    all.stream()
        .filter(f -> f.code() != FindingCode.VALUE_MISSING || !around.contains(f.field()))
        .forEach(said::add);
    return said;
  }

  /** What the parser has before it, as people call it. */
  static String seen(JsonParser parser) {
    JsonToken token = parser.currentToken();
    return switch (token) {
      case START_OBJECT -> "an object";
      case START_ARRAY -> "a list";
      case VALUE_NULL -> "nothing";
      default -> token.isScalarValue() ? parser.getString() : "the end";
    };
  }

  /** Where the parser stands, dots between names. */
  static String path(JsonParser parser) {
    return parser
        .streamReadContext()
        .pathAsPointer()
        .toString()
        .replaceFirst("^/", "")
        .replace('/', '.');
  }

  private static Findings current() {
    RequestAttributes request = RequestContextHolder.currentRequestAttributes();
    Object kept = request.getAttribute(ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
    if (kept instanceof Findings findings) {
      return findings;
    }
    Findings findings = new Findings();
    request.setAttribute(ATTRIBUTE, findings, RequestAttributes.SCOPE_REQUEST);
    return findings;
  }

  private static String shortened(@Nullable Object value) {
    String text = String.valueOf(value);
    return text.length() > 60 ? text.substring(0, 60) + "…" : text;
  }
}
