package ironshelf.http.problem;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.style.Measure;
import ironshelf.style.ShopWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The one place where errors and warnings get their words: {@code catalogue.properties}, by code.
 * {@code {name}} stands for a parameter, {@code {field}} for the field as people say it. Behind a
 * colon stands what it is, so that it is said in the shop's style: {@code {value:length}} in mm,
 * {@code {at:moment}}, {@code {price:money}}; {@code {value:field}} is what the field's name ends
 * with.
 */
@Component
public class Catalogue {

  private static final Pattern PLACE = Pattern.compile("\\{(\\w+)(?::(\\w+))?}");

  private final Properties wording = new Properties();

  private final ShopWriter writer;
  private final Clock clock;

  public Catalogue(ShopWriter writer, Clock clock) {
    this.writer = writer;
    this.clock = clock;
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
          name.equals("field") ? words.name() : said(valueOf(name, params), place.group(2), words);
      place.appendReplacement(said, Matcher.quoteReplacement(word));
    }
    place.appendTail(said);
    return said.toString().replaceAll(" +", " ").replaceAll(" ([.,;])", "$1").strip();
  }

  public boolean knows(String code) {
    return wording.containsKey(code);
  }

  /** A number in a template stands for itself: a limit that is the same for everybody. */
  private static @Nullable Object valueOf(String name, Map<String, Object> params) {
    return Character.isDigit(name.charAt(0)) ? Double.valueOf(name) : params.get(name);
  }

  private String said(@Nullable Object value, @Nullable String kind, FieldWords words) {
    if (kind == null || value == null) {
      return written(value);
    }
    return switch (kind) {
      case "field" -> said(value, words.measure(), words) + words.unit();
      case "" -> written(value);
      case "moment" -> writer.moment(Instant.parse(value.toString()), clock);
      case "local" -> writer.moment(LocalDateTime.parse(value.toString()), clock);
      case "time" -> writer.time(LocalTime.parse(value.toString()));
      case "day" -> writer.day(LocalDate.parse(value.toString()));
      case "date" -> writer.date(LocalDate.parse(value.toString()));
      case "money" -> writer.money(new BigDecimal(value.toString()));
      default ->
          value instanceof Number number
              ? writer.quantity(
                  Measure.valueOf(kind.toUpperCase(Locale.ROOT)), number.doubleValue())
              : written(value);
    };
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
