package ironshelf.http.problem;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.style.Measure;
import ironshelf.core.quantity.style.UnitSystem;
import ironshelf.style.ClockStyle;
import ironshelf.style.ShopStyle;
import ironshelf.style.ShopWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CatalogueTest {

  private final Catalogue catalogue = new Catalogue(new ShopWriter(), Clock.systemUTC());

  @ParameterizedTest
  @EnumSource(FindingCode.class)
  void everyFindingHasWords(FindingCode code) {
    assertThat(catalogue.knows(code.text())).isTrue();
  }

  @Test
  void saysNameValueRuleAndRemedy() {
    Finding finding =
        new Finding(
            FindingCode.CORE_TOO_WIDE,
            "core.topDiameterMm",
            Map.of("value", 170.0, "cavity", 160.0, "at", 150.0));
    assertThat(catalogue.view(finding).message())
        .isEqualTo(
            "core top diameter 170 mm is wider than the cavity's 160 mm, 150 mm above its floor."
                + " Make the core narrower or the cavity wider.");
  }

  @Test
  void countsListsFromOne() {
    assertThat(FieldWords.of("history.0.concreteC"))
        .isEqualTo(new FieldWords("history 1 concrete", "temperature", ""));
    assertThat(FieldWords.of("steps.1.waitH")).isEqualTo(new FieldWords("step 2 wait", "", " h"));
    assertThat(FieldWords.of("batches.0").name()).isEqualTo("batch 1");
    assertThat(FieldWords.of("massesKg.2")).isEqualTo(new FieldWords("mass 3", "", ""));
    assertThat(catalogue.say("plug.floats", "moreCores.1", Map.of("value", 0.0, "mix", 0.0098)))
        .startsWith("core or plug 2 weighs 0 g and displaces 9.8 g of mix: it floats");
  }

  @Test
  void saysItInTheUnitsAndTheClockOfTheShop() {
    ShopWriter us = new ShopWriter();
    us.use(
        new ShopStyle(
            UnitSystem.US, null, "USD", ClockStyle.H12, DayOfWeek.SUNDAY, "America/Chicago"));
    Clock noon = Clock.fixed(Instant.parse("2027-03-01T18:00:00Z"), ZoneOffset.UTC);
    Catalogue words = new Catalogue(us, noon);
    assertThat(
            words.say("number.tooSmall", "core.topDiameterMm", Map.of("value", 6.35, "low", 9.525)))
        .isEqualTo("core top diameter 1/4 in is too small. Give at least 3/8 in.");
    assertThat(words.say("number.tooLarge", "wastePercent", Map.of("value", 120, "high", 100)))
        .isEqualTo("waste 120 % is too large. Give at most 100 %.");
    assertThat(words.say("cause.driedFast.fact", "", Map.of())).contains("over 90 °F");
    assertThat(
            words.say(
                "cast.tooEarly",
                "",
                Map.of("copy", "R1", "at", Instant.parse("2027-03-02T01:30:00Z"))))
        .isEqualTo("R1 may come out at 7:30 pm. Say why it comes out early, or wait.");
    assertThat(
            words.say(
                "cast.tooEarly",
                "",
                Map.of("copy", "R1", "at", Instant.parse("2027-03-04T13:05:00Z"))))
        .as("what is not today has its day")
        .contains("at Thu 7:05 am.");
  }

  /** A kind that nobody knows would come out as a failure on the day that the message is needed. */
  @Test
  void everyPlaceInTheWordingSaysAKindThatIsKnown() throws IOException {
    Properties wording = new Properties();
    try (var in = getClass().getResourceAsStream("/catalogue.properties")) {
      wording.load(new InputStreamReader(in, StandardCharsets.UTF_8));
    }
    Set<String> kinds = new TreeSet<>();
    Pattern kind = Pattern.compile("\\{\\w+:(\\w+)}");
    wording
        .values()
        .forEach(v -> kind.matcher(v.toString()).results().forEach(m -> kinds.add(m.group(1))));
    Arrays.stream(Measure.values()).forEach(m -> kinds.remove(m.name().toLowerCase(Locale.ROOT)));
    assertThat(kinds).isSubsetOf("field", "moment", "local", "time", "day", "date", "money");
  }
}
