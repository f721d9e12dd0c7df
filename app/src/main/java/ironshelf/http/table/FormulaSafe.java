package ironshelf.http.table;

import java.util.regex.Pattern;

/**
 * Cells that no spreadsheet takes for a formula (OWASP, CSV injection): an apostrophe goes before
 * what looks like one, and off again when it comes back. A number below zero stays one.
 */
public final class FormulaSafe {

  private static final Pattern FORMULA = Pattern.compile("[=+\\-@\\t\\r].*", Pattern.DOTALL);
  private static final Pattern ESCAPED = Pattern.compile("'+[=+\\-@\\t\\r].*", Pattern.DOTALL);
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?[0-9]+([.,][0-9]+)?([eE][+-]?[0-9]+)?");

  private FormulaSafe() {}

  /** What goes out. */
  public static String cell(String text) {
    boolean formula = FORMULA.matcher(text).matches() && !NUMBER.matcher(text).matches();
    return formula || ESCAPED.matcher(text).matches() ? "'" + text : text;
  }

  /** What came in. */
  public static String plain(String cell) {
    return ESCAPED.matcher(cell).matches() ? cell.substring(1) : cell;
  }
}
