package ironshelf.plan.basis;

import static java.util.stream.Collectors.toSet;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.route.Route;
import ironshelf.order.AllotmentService;
import ironshelf.piece.PieceService;
import ironshelf.pour.Ways;
import ironshelf.shelf.ShelfService;
import ironshelf.shelf.ShelfView;
import ironshelf.shelf.ShelfView.ShelfCast;
import ironshelf.shelf.ShelfView.ShelfGroup;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What has begun, as the shelf has it: the plan keeps it and counts what it still takes. */
@Component
class Begun {

  /** More than this is not done in one go. */
  private static final double AT_ONCE_MIN = 120;

  /** A mould that is to be washed shows no colour. */
  private static final String CLEAN_SWATCH = "#ffffff";

  private final ShelfService shelf;
  private final Ways ways;
  private final PieceService pieces;
  private final AllotmentService allotments;

  Begun(ShelfService shelf, Ways ways, PieceService pieces, AllotmentService allotments) {
    this.shelf = shelf;
    this.ways = ways;
    this.pieces = pieces;
    this.allotments = allotments;
  }

  /**
   * What was found.
   *
   * @param lineOf the lines that have pieces of it, by its name
   * @param what it is, by its name
   * @param nameOf what the pieces are in that are part of it, by the piece
   * @param wholes which of it take parts, or are poured again
   */
  record Found(
      List<BegunCast> casts,
      Map<String, List<Long>> lineOf,
      Map<String, PlanContent.BegunPieces> what,
      Map<Long, String> nameOf,
      List<Whole> wholes) {

    /** With what is being poured before it: that is done first. */
    Found and(List<OpenPours.Next> pouring) {
      List<BegunCast> all = new ArrayList<>(pouring.stream().map(OpenPours.Next::cast).toList());
      all.addAll(casts);
      for (OpenPours.Next next : pouring) {
        Long line = next.lineId();
        lineOf.put(next.cast().name(), line == null ? List.of() : List.of(line));
        what.put(next.cast().name(), next.what());
      }
      return new Found(all, lineOf, what, nameOf, wholes);
    }

    /** The same of pieces that are not poured again before they are ready. */
    Map<Long, String> nameOfSpares() {
      Set<String> again =
          wholes.stream().filter(Whole::isPouredAgain).map(Whole::name).collect(toSet());
      Map<Long, String> spares = new HashMap<>(nameOf);
      spares.values().removeIf(again::contains);
      return spares;
    }
  }

  /**
   * Pieces that will take parts, or be poured again.
   *
   * @param fromStep the next one of their route
   */
  record Whole(String name, PlanFacts.Wanted product, Route route, int fromStep, int pieces) {

    boolean isPouredAgain() {
      return isPouredFrom(route, fromStep);
    }

    PartDemands.Whole asOf(DemandName line, LocalDate due) {
      return new PartDemands.Whole(name, line, product, route, fromStep, pieces, due);
    }
  }

  Found find(PlanSteps steps, Map<String, List<Long>> inUse, LocalDateTime start, Instant now) {
    List<BegunCast> casts = new ArrayList<>();
    Map<String, List<Long>> lineOf = new HashMap<>();
    Map<String, PlanContent.BegunPieces> what = new HashMap<>();
    Map<Long, String> nameOf = new HashMap<>();
    List<Whole> wholes = new ArrayList<>();
    Ways.Known known = ways.known();
    ShelfView seen = shelf.shelf();
    for (ShelfGroup group : seen.groups()) {
      if (group.step() == null) {
        continue;
      }
      Route route = known.way(group.routeId());
      double waitH = hoursTo(group, now);
      int before = casts.size();
      if (group.casts().isEmpty()) {
        outOfMould(group, route, waitH, steps, casts, lineOf, nameOf);
      } else {
        inMould(group, route, waitH, steps, inUse, casts, lineOf, nameOf);
      }
      // What was begun of a join has its parts; what waits for a layer is poured already.
      int fromStep = Math.max(1, group.stepNo() + (group.round() > 1 ? 1 : 0));
      if (route.takesPartsFrom(fromStep) || isPouredFrom(route, fromStep)) {
        casts
            .subList(before, casts.size())
            .forEach(c -> whole(c, route, fromStep, nameOf).ifPresent(wholes::add));
      }
      casts
          .subList(before, casts.size())
          .forEach(
              c ->
                  what.put(
                      c.name(),
                      new PlanContent.BegunPieces(
                          group.product(), group.colourway(), group.swatch(), c.pieces())));
    }
    for (ShelfView.ToWash dirty : seen.toWash()) {
      String mould = new MouldName(dirty.mouldId()).toString();
      int copy = inUse.getOrDefault(mould, List.of()).indexOf(dirty.copyId()) + 1;
      if (copy > 0) {
        String name = "wash-" + dirty.copyId();
        casts.add(new BegunCast(name, mould, copy, 1, List.of(steps.wash()), null));
        what.put(name, new PlanContent.BegunPieces(dirty.mould(), dirty.copy(), CLEAN_SWATCH, 1));
        lineOf.put(name, List.of());
      }
    }
    return new Found(casts, lineOf, what, nameOf, wholes);
  }

  private static boolean isPouredFrom(Route route, int stepNo) {
    return route.pours().stream().anyMatch(p -> p > 0 && p >= stepNo);
  }

  private Optional<Whole> whole(
      BegunCast cast, Route route, int fromStep, Map<Long, String> nameOf) {
    return nameOf.entrySet().stream()
        .filter(e -> e.getValue().equals(cast.name()))
        .findFirst()
        .flatMap(e -> pieces.byIds(List.of(e.getKey())).stream().findFirst())
        .map(
            p ->
                new Whole(
                    cast.name(),
                    new PlanFacts.Wanted(p.productId(), p.colourwayId()),
                    route,
                    fromStep,
                    cast.pieces()));
  }

  private static double hoursTo(ShelfGroup group, Instant now) {
    Instant gate = Objects.requireNonNull(group.gateAt());
    return Math.max(0, Math.ceil(Duration.between(now, gate).toSeconds() / 60.0) / 60);
  }

  private void inMould(
      ShelfGroup group,
      Route route,
      double waitH,
      PlanSteps steps,
      Map<String, List<Long>> inUse,
      List<BegunCast> casts,
      Map<String, List<Long>> lineOf,
      Map<Long, String> nameOf) {
    String mould = new MouldName(group.mouldId()).toString();
    List<Long> copies = inUse.getOrDefault(mould, List.of());
    Map<Long, List<Long>> piecesOf = new HashMap<>();
    pieces
        .ofCasts(group.casts().stream().map(ShelfCast::id).toList())
        .forEach(p -> piecesOf.computeIfAbsent(p.castId(), c -> new ArrayList<>()).add(p.id()));
    for (ShelfCast cast : group.casts()) {
      String name = "cast-" + cast.id();
      // A copy that is to be mended holds its casting, and then nothing.
      int copy = copies.indexOf(cast.copyId()) + 1;
      // What waits for its next layer has its steps in the mould before it.
      int next = group.stepNo() == 0 ? route.demouldNo() : group.stepNo();
      List<PlanStep> rest =
          steps.rest(route, waitH, null, next, group.round(), Math.max(1, cast.pieces()));
      casts.add(
          new BegunCast(
              name, copy > 0 ? mould : null, copy, Math.max(1, cast.pieces()), rest, null));
      List<Long> own = piecesOf.getOrDefault(cast.id(), List.of());
      own.forEach(id -> nameOf.put(id, name));
      lineOf.put(name, lines(own));
    }
  }

  /** A group is done in goes of an hour or two. */
  private void outOfMould(
      ShelfGroup group,
      Route route,
      double waitH,
      PlanSteps steps,
      List<BegunCast> casts,
      Map<String, List<Long>> lineOf,
      Map<Long, String> nameOf) {
    double longest = route.steps().stream().mapToDouble(s -> s.attendedMin()).max().orElse(0);
    int atOnce = (int) Math.max(1, Math.min(group.pieces(), AT_ONCE_MIN / Math.max(0.01, longest)));
    for (int from = 0; from < group.pieceIds().size(); from += atOnce) {
      List<Long> own =
          group.pieceIds().subList(from, Math.min(from + atOnce, group.pieceIds().size()));
      String name = group.key() + "-" + from;
      casts.add(
          new BegunCast(
              name,
              null,
              0,
              own.size(),
              steps.rest(route, waitH, group.station(), group.stepNo(), group.round(), own.size()),
              null));
      own.forEach(id -> nameOf.put(id, name));
      lineOf.put(name, lines(own));
    }
  }

  private List<Long> lines(List<Long> pieceIds) {
    return allotments.lineByPiece(pieceIds).values().stream().distinct().toList();
  }
}
