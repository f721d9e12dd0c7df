package ironshelf.core.plan.whatif;

import static ironshelf.core.quantity.Refusals.assertRefusedAt;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.resource.TinyShop;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A tent that is tried: what goes into it, and how much sooner it comes out. */
class WarmPlaceTest {

  private static final PlanStep DEMOULD = RandomShop.work("demould", 5, 1, 0, true);
  private static final PlanStep POUR = RandomShop.work("pour", 10, 1, 0, false);

  private static PlanProduct product(String name, PlanStep... route) {
    return new PlanProduct(name, "tray", null, 0, null, List.of(route));
  }

  private static PlanRequest request(PlanProduct... products) {
    return PlanRequest.fresh(
        TinyShop.START,
        TinyShop.HOURS,
        1,
        List.of(new PlanMould("tray", 1, 4, 0)),
        List.of(new PlanStation("bath", 9)),
        List.of(products),
        List.of());
  }

  @Test
  void whatSetsInTheMouldSetsSooner() {
    PlanProduct tile =
        product(
            "tile",
            POUR,
            RandomShop.wait("set", 20, null),
            DEMOULD,
            RandomShop.wait("dry", 48, null));
    PlanProduct other = product("other", POUR, RandomShop.wait("set", 20, null), DEMOULD);
    PlanRequest warm = new WarmPlace(4, 0.4).in(request(tile, other), Set.of("tile"));
    List<PlanStep> route = warm.products().get(0).route();
    assertThat(route.get(1).waitH()).isEqualTo(8);
    assertThat(route.get(1).station()).isNotNull();
    assertThat(route.get(3))
        .as("out of the mould it dries as before")
        .isEqualTo(tile.route().get(3));
    assertThat(route.get(0)).isEqualTo(POUR);
    assertThat(warm.products().get(1)).isEqualTo(other);
    assertThat(warm.stations())
        .contains(new PlanStation("bath", 9), new PlanStation(route.get(1).station(), 4));
    PlanRequest before = request(tile);
    assertThat(new WarmPlace(4, 0.4).in(before, Set.of())).isSameAs(before);
  }

  @Test
  void itTakesWhatFitsAndSetsInNoStationYet() {
    PlanProduct tile = product("tile", POUR, RandomShop.wait("set", 20, null), DEMOULD);
    PlanProduct bathed = product("bathed", POUR, RandomShop.wait("set", 20, "bath"), DEMOULD);
    PlanProduct quick = product("quick", POUR, DEMOULD, RandomShop.wait("dry", 9, null));
    PlanProduct after =
        product(
            "after",
            POUR,
            RandomShop.wait("set", 2, null),
            DEMOULD,
            RandomShop.wait("soak", 9, "bath"));
    PlanRequest shop = request(tile, bathed, quick, after);
    WarmPlace four = new WarmPlace(4, 0.4);
    assertThat(four.takes(shop, tile)).isTrue();
    assertThat(new WarmPlace(3, 0.4).takes(shop, tile)).as("four in one tray").isFalse();
    assertThat(four.takes(shop, bathed)).isFalse();
    assertThat(four.takes(shop, quick)).as("nothing to wait for").isFalse();
    assertThat(four.takes(shop, after)).isTrue();
  }

  @Test
  void itsLimits() {
    assertRefusedAt("pieces", () -> new WarmPlace(0, 0.5));
    assertRefusedAt("pieces", () -> new WarmPlace(10_001, 0.5));
    assertRefusedAt("setShare", () -> new WarmPlace(1, 0));
    assertRefusedAt("setShare", () -> new WarmPlace(1, 1.01));
    assertThat(new WarmPlace(10_000, 1).setShare()).isEqualTo(1);
  }
}
