package ironshelf.http;

import ironshelf.core.quantity.Finding;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The one place where errors and warnings get their words: {@code catalogue.properties}, by code.
 * {@code {name}} stands for a parameter, {@code {field}} for the field as people say it, {@code
 * {unit}} for the unit that its name ends with.
 */
@Component
public class Catalogue {

  private static final Pattern PLACE = Pattern.compile("\\{(\\w+)}");

  private final Properties wording = new Properties();

  public Catalogue() {
    try (var in = Catalogue.class.getResourceAsStream("/catalogue.properties")) {
      wording.load(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A finding with its words. */
  public FindingView view(Finding finding) {
    return new FindingView(
        finding.code().text(),
        finding.field(),
        finding.params(),
        say(finding.code().text(), finding.field(), finding.params()));
  }

  public List<FindingView> views(List<Finding> findings) {
    return findings.stream().map(this::view).toList();
  }

  /** The words of a code; the code itself where it has none. */
  public String say(String code, String field, Map<String, Object> params) {
    String template = wording.getProperty(code);
    if (template == null) {
      return code + " " + params;
    }
    FieldWords words = FieldWords.of(field);
    Matcher place = PLACE.matcher(template);
    StringBuilder said = new StringBuilder();
    while (place.find()) {
      String name = place.group(1);
      String word =
          switch (name) {
            case "field" -> words.name();
            case "unit" -> words.unit();
            default -> written(params.get(name));
          };
      place.appendReplacement(said, Matcher.quoteReplacement(word));
    }
    place.appendTail(said);
    return said.toString().replaceAll(" +", " ").replaceAll(" ([.,;])", "$1").strip();
  }

  public boolean knows(String code) {
    return wording.containsKey(code);
  }

  /** Numbers to four figures, as they would be said; everything else as it is. */
  private static String written(@Nullable Object value) {
    if (value instanceof Double number && Double.isFinite(number)) {
      BigDecimal rounded = new BigDecimal(number).round(new MathContext(4, RoundingMode.HALF_UP));
      return rounded.compareTo(BigDecimal.ZERO) == 0
          ? "0"
          : rounded.stripTrailingZeros().toPlainString();
    }
    return String.valueOf(value);
  }
}
