package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep.LayerMix;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;

/** The parts of a request against each other: all that does not fit is told at once. */
class PlanNamesTest {

  /** Eight hours. */
  private static final OpenHours HOURS =
      new OpenHours(List.of(DayOfWeek.values()), LocalTime.of(8, 0), LocalTime.of(16, 0), null);

  private static final PlanStep POUR = RandomShop.work("pour", 10, 1, 0, false);
  private static final PlanStep DEMOULD = RandomShop.work("demould", 4, 1, 0, true);

  private List<PlanStep> route = List.of(POUR, DEMOULD);
  private String productMould = "tray";
  private String recipe = "face";
  private double litres = 2;
  private List<Demand> demands = List.of(demand("o", "tile", 1, null));
  private List<BegunCast> begun = List.of();
  private List<PinnedCast> pinned = List.of();
  private List<PlanMixer> mixers = List.of(new PlanMixer("bucket", 12), new PlanMixer("cup", 1));
  private PlanRecipe face = new PlanRecipe("face", 20, null, 2, 0, 10, 15.0);

  private static Demand demand(String order, String product, int quantity, Feed feeds) {
    return new Demand(
        order, product, quantity, RandomShop.START.toLocalDate().plusDays(9), 1, feeds);
  }

  private PlanRequest request() {
    return new PlanRequest(
        RandomShop.START,
        HOURS,
        1,
        List.of(new PlanMould("tray", 2, 4, 0)),
        List.of(new PlanStation("bath", 4), new PlanStation("sink", 3)),
        List.of(
            new PlanProduct(
                "tile", productMould, null, 0, null, route, recipe, litres, null, null)),
        demands,
        0,
        begun,
        pinned,
        mixers,
        List.of(face),
        0);
  }

  private void finds(Tuple... expected) {
    RefusedException refused = catchThrowableOfType(RefusedException.class, this::request);
    List<Finding> found = refused == null ? List.of() : refused.findings();
    assertThat(found).extracting("code", "field").containsExactlyInAnyOrder(expected);
  }

  private static Tuple unknown(String field) {
    return Tuple.tuple(FindingCode.PLAN_UNKNOWN, field);
  }

  private static Tuple tooLong(String field) {
    return Tuple.tuple(FindingCode.PLAN_TOO_LONG, field);
  }

  @Test
  void whatFitsIsTaken() {
    route = List.of(POUR, RandomShop.wait("soak", 24, "bath"), DEMOULD);
    begun = List.of(new BegunCast("b", "tray", 2, 9, List.of(DEMOULD), List.of()));
    pinned = List.of(new PinnedCast("o", "tile", 2, RandomShop.START));
    finds();
  }

  @Test
  void everyNameIsKnown() {
    productMould = "other tray";
    recipe = "other mix";
    route = List.of(POUR, RandomShop.wait("soak", 24, "pond"), DEMOULD);
    demands = List.of(demand("o", "other tile", 1, null));
    begun = List.of(new BegunCast("b", "third tray", 1, 1, List.of(DEMOULD), List.of()));
    pinned = List.of(new PinnedCast("o", "third tile", 1, RandomShop.START));
    finds(
        unknown("products.0.mould"),
        unknown("products.0.recipe"),
        unknown("products.0.route.1.station"),
        unknown("demands.0.product"),
        unknown("begun.0.copy"),
        unknown("pinned.0.product"));
  }

  @Test
  void aCopyIsOneOfThoseThatThereAre() {
    begun =
        List.of(
            new BegunCast("a", "tray", 2, 1, List.of(DEMOULD), List.of()),
            new BegunCast("b", "tray", 3, 1, List.of(DEMOULD), List.of()));
    pinned =
        List.of(
            new PinnedCast("o", "tile", 2, RandomShop.START),
            new PinnedCast("o", "tile", 3, RandomShop.START));
    finds(unknown("begun.1.copy"), unknown("pinned.1.copy"));
  }

  @Test
  void whatStandsInAMouldComesOutOfItOnce() {
    begun =
        List.of(
            new BegunCast("in", "tray", 1, 1, List.of(POUR), List.of()),
            new BegunCast("out", null, 0, 1, List.of(POUR), List.of()));
    finds(Tuple.tuple(FindingCode.PLAN_MOULD_KEPT, "begun.0.rest"));
  }

  /** Four pieces a cast: the bath takes them, the sink does not; what stands there already may. */
  @Test
  void aCastFitsItsStations() {
    route = List.of(POUR, RandomShop.wait("soak", 24, "bath"), DEMOULD);
    finds();
    route = List.of(POUR, RandomShop.wait("rinse", 1, "sink"), DEMOULD);
    finds(Tuple.tuple(FindingCode.PLAN_TOO_LARGE, "products.0.route.1.station"));
    route = List.of(POUR, DEMOULD);
    begun =
        List.of(
            new BegunCast(
                "b", null, 0, 4, List.of(RandomShop.wait("rinse", 1, "sink")), List.of()));
    finds();
  }

  @Test
  void workFitsADay() {
    mixers = List.of();
    route = List.of(POUR, RandomShop.work("polish", 480, 1, 0, true));
    finds();
    route = List.of(POUR, RandomShop.work("polish", 480.5, 1, 0, true));
    finds(tooLong("products.0.route.1.attendedMin"));
  }

  /** 20 min to mix, 10 to wash and 5 more before a lighter colour leave 445 of 480 to fill. */
  @Test
  void aMixAndItsFillingFitADay() {
    route = List.of(RandomShop.work("pour", 445, 1, 0, false), DEMOULD);
    finds();
    route = List.of(RandomShop.work("pour", 446, 1, 0, false), DEMOULD);
    finds(tooLong("products.0.litresPerCast"));
    // A cast of three mixers full is mixed in three goes.
    litres = 25;
    route = List.of(RandomShop.work("pour", 405, 1, 0, false), DEMOULD);
    finds();
    route = List.of(RandomShop.work("pour", 406, 1, 0, false), DEMOULD);
    finds(tooLong("products.0.litresPerCast"));
    mixers = List.of();
    finds();
  }

  @Test
  void theLeastMixAndAPackGoIntoTheLargestMixer() {
    face = new PlanRecipe("face", 20, null, 12, 12, 10, null);
    finds();
    face = new PlanRecipe("face", 20, null, 12.1, 0, 10, null);
    finds(Tuple.tuple(FindingCode.BATCH_MIXER_TOO_SMALL, "recipes.0.leastL"));
    face = new PlanRecipe("face", 20, null, 0, 12.1, 10, null);
    finds(Tuple.tuple(FindingCode.BATCH_MIXER_TOO_SMALL, "recipes.0.leastL"));
    mixers = List.of();
    finds();
  }

  /** Of a product's route, and of what has begun. */
  @Test
  void aLaterLayerIsOfAKnownMixThatFitsADay() {
    PlanStep good = RandomShop.work("back", 445, 1, 0, false).from(mix("face"));
    PlanStep strange = RandomShop.work("back", 5, 1, 0, false).from(mix("other"));
    PlanStep slow = RandomShop.work("back", 446, 1, 0, false).from(mix("face"));
    route = List.of(POUR, good, DEMOULD);
    finds();
    route = List.of(POUR, slow, strange, DEMOULD);
    begun = List.of(new BegunCast("b", null, 0, 1, List.of(strange, slow), List.of()));
    finds(
        tooLong("products.0.route.1.mix.litres"),
        unknown("products.0.route.2.mix.recipe"),
        unknown("begun.0.rest.0.mix.recipe"),
        tooLong("begun.0.rest.1.mix.litres"));
  }

  private static LayerMix mix(String of) {
    return new LayerMix(of, null, 0, 3);
  }

  /** 80 000 pieces in fours are as many casts as a plan takes. */
  @Test
  void notMoreCastsThanCanBeOverseen() {
    demands = List.of(demand("o", "tile", 79_996, null), demand("p", "tile", 4, null));
    finds();
    demands = List.of(demand("o", "tile", 80_000, null), demand("p", "tile", 1, null));
    finds(Tuple.tuple(FindingCode.PLAN_TOO_MANY, "demands"));
  }

  @Test
  void partsGoIntoOneThatIsThere() {
    demands =
        List.of(
            demand("box", "tile", 1, null),
            demand("twice", "tile", 1, null),
            demand("twice", "tile", 1, null),
            demand("lid", "tile", 1, new Feed("box", 0)),
            demand("rim", "tile", 1, new Feed("twice", 0)),
            demand("foot", "tile", 1, new Feed("nothing", 0)));
    begun =
        List.of(
            new BegunCast(
                "b", null, 0, 1, List.of(), List.of(new Feed("box", 0), new Feed("nowhere", 0))));
    finds(
        unknown("demands.4.feeds.into"),
        unknown("demands.5.feeds.into"),
        unknown("begun.0.feeds.1.into"));
  }

  @Test
  void nothingBecomesAPartOfItself() {
    demands =
        new ArrayList<>(
            List.of(
                demand("box", "tile", 1, new Feed("rack", 0)),
                demand("lid", "tile", 1, new Feed("box", 0)),
                demand("rack", "tile", 1, null)));
    finds();
    demands.set(2, demand("rack", "tile", 1, new Feed("lid", 0)));
    RefusedException refused = catchThrowableOfType(RefusedException.class, this::request);
    assertThat(refused.findings())
        .extracting("code")
        .containsExactly(FindingCode.PLAN_FEEDS_ITSELF);
    demands = List.of();
    begun = List.of(new BegunCast("b", null, 0, 1, List.of(), List.of(new Feed("b", 0))));
    finds(Tuple.tuple(FindingCode.PLAN_FEEDS_ITSELF, "begun.0.feeds"));
  }

  /** A lid in a box in a rack: two levels below the rack. */
  @Test
  void levelsOfParts() {
    demands =
        List.of(
            demand("box", "tile", 1, new Feed("rack", 1)),
            demand("lid", "tile", 1, new Feed("box", 0)),
            demand("rack", "tile", 1, null));
    begun = List.of(new BegunCast("b", null, 0, 1, List.of(), List.of(new Feed("rack", 2))));
    Feeding feeding = new Feeding(demands, begun);
    assertThat(feeding.levels(1)).isZero();
    assertThat(feeding.levels(0)).isEqualTo(1);
    assertThat(feeding.levels(2)).isEqualTo(2);
    assertThat(feeding.ofDemand(2))
        .containsExactlyInAnyOrder(
            new Feeding.Source(new Feeding.Node(false, 0), 1),
            new Feeding.Source(new Feeding.Node(true, 0), 2));
    assertThat(feeding.ofDemand(1)).isEmpty();
    assertThat(feeding.ofBegun(0)).isEmpty();
  }
}
