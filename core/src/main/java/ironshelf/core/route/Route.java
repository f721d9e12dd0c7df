package ironshelf.core.route;

import ironshelf.core.quantity.Findings;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What a piece goes through from pour to pack. Gates are moments, not clock times: a wait of 24
 * hours over a change of the clocks is 24 hours.
 *
 * @param steps 3 to 40: a pour, what is done in the mould, its setting, taking it out, the rest
 * @param kinds what the steps' codes stand for
 */
public record Route(List<RouteStep> steps, StepKinds kinds) {

  public Route {
    new Findings().present("kinds", kinds).list("steps", steps, 40).orRefuse();
    RouteRules.shape(steps, kinds).orRefuse();
    steps = List.copyOf(steps);
  }

  /**
   * Returns a route that somebody asks for. Refused, with the reason: what harms the piece, as
   * sealing one that is still wet.
   */
  public static Route judged(List<RouteStep> steps, StepKinds kinds) {
    Route route = new Route(steps, kinds);
    RouteRules.harm(route).orRefuse();
    return route;
  }

  public StepKind kind(int stepNo) {
    return kinds.of(steps.get(stepNo).step());
  }

  /** Returns where it is first taken out of its mould. */
  public int demouldNo() {
    return demouldNo(0);
  }

  /** Returns where what was poured at that step, or is in its mould then, is taken out. */
  public int demouldNo(int fromStep) {
    for (int i = fromStep; i < steps.size(); i++) {
      if (kind(i).has(Effect.FREES_MOULD)) {
        return i;
      }
    }
    throw new IllegalStateException("a route takes its piece out");
  }

  /**
   * Returns the hours that a route itself holds a piece in its mould, as where it is pressed and
   * turned out at once; null where it is its recipe's age.
   *
   * @param fromStep at or before its setting
   */
  public @Nullable Double ownSetH(int fromStep) {
    for (int i = fromStep; i < steps.size(); i++) {
      if (kind(i).has(Effect.SETS)) {
        return steps.get(i).waitH();
      }
    }
    return null;
  }

  /**
   * Returns where a piece stands here that had a step done to it on another route: at the same kind
   * of step, the so-manieth of it; nowhere where this has none. Steps before it that this route has
   * besides are not asked for.
   */
  public Optional<Integer> placeOf(Route before, int stepNo) {
    String code = before.steps.get(stepNo).step();
    long which =
        before.steps.subList(0, stepNo).stream().filter(s -> s.step().equals(code)).count();
    return IntStream.range(0, steps.size())
        .filter(i -> steps.get(i).step().equals(code))
        .skip(which)
        .boxed()
        .findFirst();
  }

  /**
   * Returns where it is poured, in order: the first, and each time that it goes back into a mould.
   */
  public List<Integer> pours() {
    return IntStream.range(0, steps.size()).filter(i -> kind(i).has(Effect.POURS)).boxed().toList();
  }

  /**
   * Returns the same with so many pours more, or less: what is added stands after the last
   * taking-out, what is taken away is the last pour with all that was done in its mould.
   *
   * @param waitsH what is waited before each pour after the first, 0 or more
   */
  public Route pouredAgain(List<Double> waitsH) {
    List<RouteStep> all = new ArrayList<>(steps);
    Route now = this;
    while (now.pours().size() > waitsH.size() + 1) {
      List<Integer> pours = now.pours();
      int last = pours.get(pours.size() - 1);
      all.subList(last, now.demouldNo(last) + 1).clear();
      now = new Route(all, kinds);
    }
    while (now.pours().size() <= waitsH.size()) {
      List<Integer> pours = now.pours();
      int at = now.demouldNo(pours.get(pours.size() - 1)) + 1;
      double waitH = waitsH.get(pours.size() - 1);
      RouteStep out = all.get(at - 1);
      List<RouteStep> more = new ArrayList<>();
      if (waitH > 0) {
        more.add(RouteStep.waiting("rest", waitH));
      }
      more.add(all.get(0));
      more.add(RouteStep.waiting("set", null));
      more.add(out);
      all.addAll(at, more);
      now = new Route(all, kinds);
    }
    return now;
  }

  /** Returns how a step keeps the piece wet; null where it does not. */
  public @Nullable Wetting wetting(int stepNo) {
    StepKind kind = kind(stepNo);
    if (!kind.has(Effect.WETS)) {
      return null;
    }
    if (kind.wetting() != null) {
      return kind.wetting();
    }
    Wetting own = steps.get(stepNo).wetting();
    return own == null ? Wetting.UNDER_WATER : own;
  }

  /** Returns which faces a step coats; null where it leaves no film. */
  public @Nullable SealedFaces faces(int stepNo) {
    if (!kind(stepNo).has(Effect.COATS)) {
      return null;
    }
    SealedFaces own = steps.get(stepNo).faces();
    return own == null ? SealedFaces.ALL_OVER : own;
  }

  /**
   * Returns how long a step waits, in hours; 0 for one that a person does, or where its recipe
   * says.
   */
  public double waitH(int stepNo) {
    Double own = steps.get(stepNo).waitH();
    return own == null ? 0 : own;
  }

  /**
   * Returns the route with the waits that are the recipe's own filled in. Setting counts from the
   * pour, so that other waits in the mould are part of it.
   *
   * @param dryH before it is sealed, 0 or more
   */
  public Route withAges(double demouldAgeH, double dryH) {
    List<RouteStep> filled = new ArrayList<>();
    double inMouldH = 0;
    for (int i = 0; i < steps.size(); i++) {
      RouteStep step = steps.get(i);
      StepKind kind = kind(i);
      inMouldH = kind.has(Effect.POURS) ? 0 : inMouldH;
      if (step.waitH() == null && kind.has(Effect.SETS)) {
        filled.add(step.waitingFor(Math.max(demouldAgeH - inMouldH, 1e-3)));
      } else if (step.waitH() == null && kind.has(Effect.DRIES) && kind.waits()) {
        filled.add(step.waitingFor(Math.max(dryH, 1e-3)));
      } else {
        filled.add(step);
      }
      inMouldH += waitH(i);
    }
    return new Route(filled, kinds);
  }

  /** Returns what a piece in its mould waits for. */
  public Gate demouldGate(Instant readyAt, @Nullable Instant greenUntil) {
    int no = demouldNo();
    return new Gate(no, 1, kind(no), readyAt, greenUntil);
  }

  /**
   * Returns what comes after a step that was done; none where that was the last. Waits that are the
   * recipe's own must have been filled in.
   */
  public Optional<Gate> gateAfter(int stepNo, int round, Instant doneAt) {
    RouteStep done = steps.get(stepNo);
    if (round < done.times()) {
      return Optional.of(gate(stepNo, round + 1, doneAt.plus(ofMinutes(done.gapMin()))));
    }
    Instant earliest = doneAt;
    for (int i = stepNo + 1; i < steps.size(); i++) {
      if (!kind(i).waits()) {
        return Optional.of(gate(i, 1, earliest));
      }
      earliest = earliest.plus(ofHours(filledWaitH(i)));
    }
    return Optional.empty();
  }

  /** All gates from here on, if each thing is done as soon as it may be. */
  public List<Gate> gatesFrom(Gate first) {
    List<Gate> gates = new ArrayList<>();
    Optional<Gate> next = Optional.of(first);
    while (next.isPresent()) {
      Gate gate = next.get();
      gates.add(gate);
      next = gateAfter(gate.stepNo(), gate.round(), gate.earliest());
    }
    return gates;
  }

  /** Returns where a piece stands now that had a step done to it then. */
  public Stand standAfter(int stepNo, int round, Instant doneAt, Instant now) {
    if (gateAfter(stepNo, round, doneAt).isEmpty()) {
      return new Stand(Board.READY, null);
    }
    RouteStep done = steps.get(stepNo);
    if (round < done.times()) {
      return new Stand(Board.COATING, done.station());
    }
    Instant until = doneAt;
    int stands = stepNo + 1;
    for (int i = stepNo + 1; i < steps.size() && kind(i).waits(); i++) {
      stands = i;
      until = until.plus(ofHours(filledWaitH(i)));
      if (until.isAfter(now)) {
        break;
      }
    }
    return new Stand(board(stands, stepNo), steps.get(stands).station());
  }

  private Board board(int stands, int doneNo) {
    StepKind kind = kind(stands);
    if (kind.waits() && kind.has(Effect.WETS)) {
      return wetting(stands) == Wetting.UNDER_WATER ? Board.BATH : Board.WET;
    }
    if (kind.waits() && kind.has(Effect.DRIES)) {
      return Board.DRYING;
    }
    for (int i = 0; i <= doneNo; i++) {
      if (kind(i).has(Effect.DRIES) || kind(i).has(Effect.COATS)) {
        return Board.COATING;
      }
    }
    return Board.WET;
  }

  /** Tests whether a step takes pieces of other products. */
  public boolean takesParts(int stepNo) {
    return kind(stepNo).has(Effect.JOINS) && steps.get(stepNo).parts() != null;
  }

  /** Tests whether a step from that one on takes pieces of other products. */
  public boolean takesPartsFrom(int stepNo) {
    return IntStream.range(stepNo, steps.size()).anyMatch(this::takesParts);
  }

  /** Returns the hours of waiting from a step to the end, by the waits that are known. */
  public double hoursAfter(int stepNo) {
    double hours = 0;
    for (int i = stepNo; i < steps.size(); i++) {
      RouteStep step = steps.get(i);
      hours += (i == stepNo ? 0 : waitH(i)) + (step.times() - 1) * step.gapMin() / 60;
    }
    return hours;
  }

  /** Tests whether that was the last thing to do. */
  public boolean endsWith(int stepNo, int round) {
    return stepNo == steps.size() - 1 && round >= steps.get(stepNo).times();
  }

  private Gate gate(int stepNo, int round, Instant earliest) {
    RouteStep step = steps.get(stepNo);
    return new Gate(
        stepNo,
        round,
        kind(stepNo),
        earliest,
        step.bestH() == null ? null : earliest.plus(ofHours(step.bestH())));
  }

  private double filledWaitH(int stepNo) {
    if (steps.get(stepNo).waitH() == null) {
      throw new IllegalStateException(
          kind(stepNo).todo() + " waits as its recipe says; fill that in (withAges)");
    }
    return waitH(stepNo);
  }

  private static Duration ofHours(double hours) {
    return Duration.ofSeconds(Math.round(hours * 3_600));
  }

  private static Duration ofMinutes(double minutes) {
    return Duration.ofSeconds(Math.round(minutes * 60));
  }
}
