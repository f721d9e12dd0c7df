package ironshelf.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.params.provider.Arguments;

/** Values that must be refused, each at its own field. */
public final class Refusals {

  private Refusals() {}

  /** A case for a test of refusals. */
  public static Arguments refusal(String field, ThrowingCallable made) {
    return Arguments.of(field, made);
  }

  /** Whatever else is found, that field is. */
  public static void assertRefusedAt(String field, ThrowingCallable made) {
    assertThatThrownBy(made)
        .isInstanceOfSatisfying(
            RefusedException.class,
            refused -> assertThat(refused.findings()).extracting("field").contains(field));
  }
}
