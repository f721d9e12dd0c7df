package ironshelf.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The checks that every constructor is made of, at each limit and a hair past it. */
class FindingsLimitsTest {

  static Stream<Arguments> taken() {
    return Stream.of(
        check("within, at its least", f -> f.within("x", 1, 1, 2)),
        check("within, at its most", f -> f.within("x", 2, 1, 2)),
        check("above, at its most", f -> f.above("x", 2, 0, 2)),
        check("text of its full length", f -> f.text("x", "abc", 3)),
        check("list of its full length", f -> f.list("x", List.of(1, 2), 2)),
        check("present", f -> f.present("x", "y")),
        check(
            "condition that does not hold",
            f -> f.addIf(false, FindingCode.LAYERS_SUM, "x", Map.of())));
  }

  static Stream<Arguments> refused() {
    return Stream.of(
        check("within, under its least", f -> f.within("x", Math.nextDown(1.0), 1, 2)),
        check("within, over its most", f -> f.within("x", Math.nextUp(2.0), 1, 2)),
        check("within, no number", f -> f.within("x", Double.NaN, 1, 2)),
        check("within, infinite", f -> f.within("x", Double.POSITIVE_INFINITY, 1, 2)),
        check("above, at its low end", f -> f.above("x", 0, 0, 2)),
        check("above, over its most", f -> f.above("x", 2.001, 0, 2)),
        check("above, no number", f -> f.above("x", Double.NaN, 0, 2)),
        check("text one too long", f -> f.text("x", "abcd", 3)),
        check("text of blanks", f -> f.text("x", "  ", 3)),
        check("text that is missing", f -> f.text("x", null, 3)),
        check("list one too long", f -> f.list("x", List.of(1, 2, 3), 2)),
        check("list that is empty", f -> f.list("x", List.of(), 2)),
        check("list that is missing", f -> f.list("x", null, 2)),
        check("list with a hole", f -> f.list("x", Collections.singletonList(null), 2)),
        check("missing", f -> f.present("x", null)),
        check("condition that holds", f -> f.addIf(true, FindingCode.LAYERS_SUM, "x", Map.of())));
  }

  private static Arguments check(String name, Consumer<Findings> done) {
    return Arguments.of(name, done);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource
  void taken(String name, Consumer<Findings> done) {
    Findings findings = new Findings();
    done.accept(findings);
    assertThat(findings.isEmpty()).isTrue();
    assertThatCode(findings::orRefuse).doesNotThrowAnyException();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource
  void refused(String name, Consumer<Findings> done) {
    Findings findings = new Findings();
    done.accept(findings);
    assertThat(findings.isEmpty()).isFalse();
    assertThatThrownBy(findings::orRefuse)
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.findings()).isNotEmpty().allMatch(f -> f.field().startsWith("x")));
  }

  @Test
  void allAreToldAtOnceInTheirOrder() {
    assertThatThrownBy(
            () ->
                new Findings()
                    .within("width", 0, 1, 2)
                    .above("height", 0, 0, 2)
                    .text("name", "", 3)
                    .orRefuse())
        .isInstanceOfSatisfying(
            RefusedException.class,
            e ->
                assertThat(e.findings())
                    .extracting(Finding::field)
                    .containsExactly("width", "height", "name"));
  }

  @Test
  void aFindingRepeatsTheValueAndTheLimit() {
    assertThatThrownBy(() -> new Findings().within("width", 7, 1, 2).orRefuse())
        .isInstanceOfSatisfying(
            RefusedException.class,
            e ->
                assertThat(e.findings().get(0).params())
                    .containsEntry("value", 7.0)
                    .containsEntry("high", 2.0));
  }
}
