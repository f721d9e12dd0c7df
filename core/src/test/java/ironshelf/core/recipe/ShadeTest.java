package ironshelf.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.quantity.RefusedException;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What any mixing model must keep to; the strengths themselves are from memory. */
@Tag("accuracy")
class ShadeTest {

  @Test
  void nothingAddedChangesNothing() {
    assertThat(guess(new Shade.Tinted("portland-white", 100)).dry()).isEqualTo("#ebe7de");
  }

  @Test
  void morePigmentComesNearerToIt() {
    int before = 255;
    for (double dose : new double[] {0.5, 1, 3, 6, 10}) {
      int red = channel(with("oxide-black", dose).dry(), 0);
      assertThat(red).isLessThan(before).isGreaterThan(0x24);
      before = red;
    }
    Shade red = with("oxide-red", 4);
    assertThat(channel(red.dry(), 0)).isGreaterThan(channel(red.dry(), 2));
    assertThat(channel(with("titanium-dioxide", 3).dry(), 2))
        .isGreaterThan(channel(with("oxide-yellow", 3).dry(), 2));
  }

  @Test
  void itDriesLighter() {
    Shade slate = with("oxide-black", 4);
    assertThat(channel(slate.wet(), 1)).isLessThan(channel(slate.dry(), 1));
  }

  @Test
  void unknownLooksAreRefused() {
    assertThatThrownBy(() -> guess(new Shade.Tinted("soot", 3)))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> Shade.of(List.of())).isInstanceOf(RefusedException.class);
  }

  private static Shade with(String pigment, double dose) {
    return guess(new Shade.Tinted("rapid-cement", 100), new Shade.Tinted(pigment, dose));
  }

  private static Shade guess(Shade.Tinted... paste) {
    return Shade.of(List.of(paste));
  }

  private static int channel(String hex, int c) {
    return Integer.parseInt(hex.substring(1 + 2 * c, 3 + 2 * c), 16);
  }
}
