package ironshelf.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.StepKinds;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AssemblyTest {

  private static final double HOUR = 1 / 3_600.0;

  private static final Good DROP = new Good("drop", route(24), List.of(), 0.1, 11);
  private static final Good COLUMN = new Good("column", route(24), List.of(), 12, 0);
  private static final Good FOOT = new Good("foot", route(24), List.of(), 14, 1);

  /** Out after a day, drops on it at once, a week, the column, another week, the foot. */
  private static final Good BASIN =
      new Good(
          "basin",
          new Route(
              List.of(
                  RouteStep.attended("pour", 1),
                  RouteStep.waiting("set", 24.0),
                  RouteStep.attended("demould", 5),
                  RouteStep.attended("join", 20),
                  RouteStep.waiting("wrap", 168.0),
                  RouteStep.attended("join", 30),
                  RouteStep.waiting("wrap", 168.0),
                  RouteStep.attended("join", 30),
                  RouteStep.attended("brush", 10),
                  RouteStep.attended("pack", 5)),
              StepKinds.shipped()),
          List.of(
              new Join(3, List.of(new Part("drop", 24)), 0.2),
              new Join(5, List.of(new Part("column", 1)), 2.1),
              new Join(7, List.of(new Part("foot", 1)), 1.4)),
          16,
          0);

  private static final Goods BATH = new Goods(List.of(DROP, COLUMN, FOOT, BASIN));

  /**
   * A garden bath by hand: 24 + 168 + 168 = 360 h; 16 + 2.4 + 12 + 14 of pieces and 3.7 of mix are
   * 48.1 kg. Two of them want 48 drops, of which 11 are there, and a foot more than there is.
   */
  @Test
  void theGardenBathWorkedByHand() {
    Assembly bath = Assembly.of(BATH, "basin", 2);
    assertThat(bath.readyH()).isCloseTo(360, within(HOUR));
    assertThat(bath.massKg()).isCloseTo(48.1, within(1e-9));
    assertThat(bath.makes())
        .containsExactlyInAnyOrder(
            new Assembly.Make("basin", 2, 0, 2),
            new Assembly.Make("foot", 2, 1, 1),
            new Assembly.Make("column", 2, 0, 2),
            new Assembly.Make("drop", 48, 11, 37));
    // The basin's own 100 min, and 1 + 1 of each of its 26 parts' routes.
    assertThat(bath.attendedMin()).isCloseTo(100 + 26 * 2, within(1e-9));
    assertThat(bath.uses())
        .extracting(u -> u.good() + " " + u.quantity() + " " + u.atH() + " " + u.pourAtH())
        .containsExactly("drop 24 24.0 0.0", "column 1 192.0 168.0", "foot 1 360.0 336.0");
  }

  /** A part that takes longer than its place is reached is waited for. */
  @Test
  void aJoinWaitsForItsSlowestPart() {
    Good slow = new Good("drop", route(100), List.of(), 0.1, 0);
    Assembly bath = Assembly.of(new Goods(List.of(slow, COLUMN, FOOT, BASIN)), "basin", 1);
    assertThat(bath.readyH()).isCloseTo(100 + 336, within(HOUR));
    assertThat(bath.uses().get(0).pourAtH()).isZero();
  }

  @Test
  void whatCannotBeIsRefused() {
    refused(() -> new Goods(List.of(BASIN)), FindingCode.PARTS_UNKNOWN);
    refused(() -> new Goods(List.of(DROP, DROP)), FindingCode.PARTS_NAME_TWICE);
    refused(
        () -> new Good("a", route(1), List.of(new Join(2, List.of(new Part("b", 1)), 0)), 1, 0),
        FindingCode.PARTS_NO_JOIN);
    refused(() -> new Goods(List.of(of("a", "b"), of("b", "a"))), FindingCode.PARTS_CIRCLE);
    refused(() -> new Goods(List.of(of("a", "a"))), FindingCode.PARTS_CIRCLE);
    refused(
        () -> new Goods(List.of(of("a", "b"), of("b", "c"), of("c", "d"), of("d", "drop"), DROP)),
        FindingCode.PARTS_DEPTH);
    assertThat(
            Assembly.of(
                    new Goods(List.of(of("b", "c"), of("c", "d"), of("d", "drop"), DROP)), "b", 1)
                .makes())
        .as("four levels are as deep as it goes")
        .hasSize(4);
    assertThatThrownBy(() -> Assembly.of(BATH, "hat", 1)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> Assembly.of(BATH, "basin", 0)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Part("x", 0)).isInstanceOf(RefusedException.class);
  }

  /** By hand: 3 min after its pour and three drops of 2 min; 1 kg, and three of 0.1 kg. */
  @Test
  void aPartThatGoesInAtTwoPlacesCountsAtBoth() {
    Good twice = twice(List.of(new Join(3, drops(1), 0), new Join(4, drops(2), 0)));
    Assembly assembly = Assembly.of(new Goods(List.of(twice, DROP)), "twice", 1);
    assertThat(assembly.attendedMin()).isCloseTo(9, within(1e-9));
    assertThat(assembly.massKg()).isCloseTo(1.3, within(1e-9));
    assertThat(assembly.uses()).hasSize(2);
  }

  @Test
  void oneStepJoinsOnceAndOnlyWhereItJoins() {
    Join first = new Join(3, drops(1), 0);
    refused(() -> twice(List.of(first, first)), FindingCode.PARTS_NO_JOIN);
    refused(() -> twice(List.of(new Join(5, drops(1), 0))), FindingCode.PARTS_NO_JOIN);
    refused(() -> new Join(0, drops(1), 0), FindingCode.NUMBER_TOO_SMALL);
    refused(() -> new Good("", route(1), List.of(), 1, 0), FindingCode.VALUE_MISSING);
    assertThat(new Join(3, drops(1), Double.NaN).mixKg()).isZero();
    Good plain = new Good("plain", route(1), null, Double.NaN, 0);
    assertThat(plain.pieceKg()).isZero();
    assertThat(plain.joins()).isEmpty();
    assertThatThrownBy(() -> new Goods(null)).isInstanceOf(RefusedException.class);
  }

  /** By hand: 50 places, each 50 of its own: 50 + 50 x 50 = 2550; a level more is 127 550. */
  @Test
  void morePlacesThanCanBeCountedAreRefused() {
    Good c = of("c", "drop", 50);
    Good b = of("b", "c", 50);
    assertThat(Assembly.of(new Goods(List.of(b, c, DROP)), "b", 1).massKg())
        .isCloseTo(1 + 50 * (1 + 50 * 0.1), within(1e-9));
    refused(() -> new Goods(List.of(of("a", "b", 50), b, c, DROP)), FindingCode.PARTS_MANY);
  }

  private static List<Part> drops(int count) {
    return List.of(new Part("drop", count));
  }

  private static Good twice(List<Join> joins) {
    return new Good(
        "twice",
        new Route(
            List.of(
                RouteStep.attended("pour", 1),
                RouteStep.waiting("set", 24.0),
                RouteStep.attended("demould", 1),
                RouteStep.attended("join", 1),
                RouteStep.attended("join", 1)),
            StepKinds.shipped()),
        joins,
        1,
        0);
  }

  static List<Long> seeds() {
    return IntStream.range(0, 150).mapToObj(i -> 7_300L + i).toList();
  }

  /**
   * Random goods to four levels against a slow model: every single piece made by itself, hour by
   * hour, its parts asked for one by one and taken from stock while there are any.
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void asTheSlowModelHasIt(long seed) {
    Random random = new Random(seed);
    List<Good> goods = new ArrayList<>();
    for (int level = 0; level < 4; level++) {
      for (int i = 0; i < 1 + random.nextInt(2); i++) {
        goods.add(random("g" + level + i, level == 0 ? List.of() : goods, level, random));
      }
    }
    Good whole = goods.get(goods.size() - 1);
    int quantity = 1 + random.nextInt(3);
    Assembly fast = Assembly.of(new Goods(goods), whole.name(), quantity);
    Slow slow = new Slow(goods);
    double readyH = 0;
    double massKg = 0;
    for (int i = 0; i < quantity; i++) {
      Slow.Made made = slow.make(whole.name());
      readyH = made.readyH;
      massKg = made.massKg;
    }
    assertThat(fast.readyH()).isCloseTo(readyH, within(0.01));
    assertThat(fast.massKg()).isCloseTo(massKg, within(1e-9));
    for (Assembly.Make make : fast.makes()) {
      assertThat(make.toMake()).as(make.good()).isEqualTo(slow.made.getOrDefault(make.good(), 0L));
    }
    for (Assembly.Use use : fast.uses()) {
      assertThat(use.pourAtH()).isBetween(-1e-6, use.atH());
    }
  }

  /** Parts come from levels below only, so that nothing lies deeper than four. */
  private static Good random(String name, List<Good> below, int level, Random random) {
    List<RouteStep> steps = new ArrayList<>();
    List<Join> joins = new ArrayList<>();
    steps.add(RouteStep.attended("pour", 1));
    steps.add(RouteStep.waiting("set", 1.0 + random.nextInt(50)));
    steps.add(RouteStep.attended("demould", random.nextInt(9)));
    for (int i = 0; i < random.nextInt(4); i++) {
      if (random.nextBoolean()) {
        steps.add(RouteStep.waiting("wrap", 1.0 + random.nextInt(200)));
      }
      List<Good> lower = below.stream().filter(g -> g.name().charAt(1) - '0' < level).toList();
      if (!lower.isEmpty() && random.nextInt(3) > 0) {
        joins.add(
            new Join(
                steps.size(),
                List.of(
                    new Part(
                        lower.get(random.nextInt(lower.size())).name(), 1 + random.nextInt(3))),
                random.nextInt(3)));
        steps.add(RouteStep.attended("join", 5));
      } else {
        steps.add(RouteStep.attended("brush", 5).repeated(1 + random.nextInt(3), 60));
      }
    }
    steps.add(RouteStep.attended("pack", 2));
    return new Good(
        name, new Route(steps, StepKinds.shipped()), joins, random.nextInt(20), random.nextInt(4));
  }

  /** Makes one piece after the other, without any thought of what is alike. */
  private static final class Slow {
    private record Made(double readyH, double massKg) {}

    private final Map<String, Good> goods = new HashMap<>();
    private final Map<String, Integer> stock = new HashMap<>();
    private final Map<String, Long> made = new HashMap<>();

    Slow(List<Good> all) {
      for (Good good : all) {
        goods.put(good.name(), good);
        stock.put(good.name(), good.spare());
      }
    }

    /** When it would be ready and what it weighs if nothing of it were in stock. */
    private Made alone(Good good) {
      double at = 0;
      double kg = good.pieceKg();
      for (int no = 1; no < good.route().steps().size(); no++) {
        RouteStep step = good.route().steps().get(no);
        if (good.route().kind(no).waits()) {
          at += step.waitH();
          continue;
        }
        for (Join join : good.joins()) {
          if (join.stepNo() == no) {
            kg += join.mixKg();
            for (Part part : join.parts()) {
              for (int i = 0; i < part.quantity(); i++) {
                Made one = alone(goods.get(part.good()));
                at = Math.max(at, one.readyH);
                kg += one.massKg;
              }
            }
          }
        }
        for (int time = 1; time < step.times(); time++) {
          at += step.gapMin() / 60;
        }
      }
      return new Made(at, kg);
    }

    Made make(String name) {
      made.merge(name, 1L, Long::sum);
      Good good = goods.get(name);
      for (Join join : good.joins()) {
        for (Part part : join.parts()) {
          for (int i = 0; i < part.quantity(); i++) {
            if (stock.merge(part.good(), -1, Integer::sum) < 0) {
              stock.put(part.good(), 0);
              make(part.good());
            }
          }
        }
      }
      return alone(good);
    }
  }

  private static Route route(double setH) {
    return new Route(
        List.of(
            RouteStep.attended("pour", 1),
            RouteStep.waiting("set", setH),
            RouteStep.attended("demould", 1),
            RouteStep.attended("pack", 1)),
        StepKinds.shipped());
  }

  private static Good of(String name, String part) {
    return of(name, part, 1);
  }

  private static Good of(String name, String part, int places) {
    return new Good(
        name,
        new Route(
            List.of(
                RouteStep.attended("pour", 1),
                RouteStep.waiting("set", 24.0),
                RouteStep.attended("demould", 1),
                RouteStep.attended("join", 1)),
            StepKinds.shipped()),
        List.of(new Join(3, Collections.nCopies(places, new Part(part, 1)), 0)),
        1,
        0);
  }

  private static void refused(ThrowingCallable making, FindingCode code) {
    assertThatThrownBy(making)
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.findings()).extracting(f -> f.code()).contains(code));
  }
}
