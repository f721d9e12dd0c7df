package ironshelf.access;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import tools.jackson.databind.json.JsonMapper;

/** Figures in money are left out for whoever does not see them. */
@Execution(ExecutionMode.SAME_THREAD)
class HiddenMoneyTest {

  /** What comes in, or is for owners as a whole, or never leaves the server. */
  private static final List<String> NOT_SHOWN =
      List.of(
          "Request",
          "Change",
          "NewMould",
          "FirstProduct",
          "HiddenMoney",
          "LotRepository",
          "PourTaken",
          "UseLedger",
          "Bowl",
          "PerKg",
          "StepStock",
          "FeedLine",
          "setup.",
          "ProductCost",
          "PieceCost",
          "MarginRow",
          "OnTheDay",
          "Carrier");

  record Priced(String name, @Money BigDecimal price) {}

  @Test
  void everyDecimalThatIsNoMassIsMarked() {
    Set<String> unmarked = new TreeSet<>();
    for (JavaClass type :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .withImportOption(location -> !location.contains("ironshelf/core"))
            .importPackages("ironshelf")) {
      Class<?> raw = type.reflect();
      if (raw.isRecord() && NOT_SHOWN.stream().noneMatch(raw.getName()::contains)) {
        Arrays.stream(raw.getRecordComponents())
            .filter(HiddenMoneyTest::looksLikeMoney)
            .filter(c -> c.getAnnotation(Money.class) == null)
            .forEach(c -> unmarked.add(raw.getSimpleName() + "." + c.getName()));
      }
    }
    assertThat(unmarked).isEmpty();
  }

  private static boolean looksLikeMoney(RecordComponent component) {
    String name = component.getName().toLowerCase(Locale.ROOT);
    return component.getType() == BigDecimal.class && !name.endsWith("kg");
  }

  @Test
  void aMakersAnswerHasNoPrice() {
    JsonMapper mapper = JsonMapper.builder().addModule(new MoneyModule()).build();
    Priced bowl = new Priced("Ripple bowl", new BigDecimal("48.50"));
    assertThat(as(Role.OWNER, mapper, bowl)).contains("48.5");
    assertThat(as(Role.MAKER, mapper, bowl)).isEqualTo("{\"name\":\"Ripple bowl\"}");
    assertThat(as(Role.DOOR, mapper, bowl)).isEqualTo("{\"name\":\"Ripple bowl\"}");
  }

  private static String as(Role role, JsonMapper mapper, Object what) {
    SecurityContextHolder.getContext()
        .setAuthentication(new TestingAuthenticationToken(new Asker(1L, "Tom", role, null), null));
    try {
      return mapper.writeValueAsString(what);
    } finally {
      SecurityContextHolder.clearContext();
    }
  }
}
