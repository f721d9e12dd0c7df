package ironshelf.shelf.strength;

import ironshelf.core.cure.Places;
import ironshelf.core.cure.Stay;
import ironshelf.core.cure.Strength;
import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import ironshelf.cure.CureWarnings;
import ironshelf.cure.Temperatures;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.ProblemException;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepLedger;
import ironshelf.pour.PourReader;
import ironshelf.pour.record.PourFacts;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.route.RouteService;
import ironshelf.shelf.PieceAges;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out how strong a piece is, from where it stood and what was read there. */
@Service
@Transactional(readOnly = true)
class StrengthService {

  private static final double[] CURVE_H = {
    1, 2, 3, 4, 6, 8, 12, 18, 24, 36, 48, 72, 96, 120, 168, 240, 336, 504, 672
  };
  private static final int MOST_READINGS = 200;

  /** Heavy pieces are not dropped, and holes not drilled, before 7 days (common practice). */
  private static final double HANDLE_H = 7 * 24.0;

  private final PieceService pieces;
  private final StepLedger ledger;
  private final PourReader pours;
  private final RecipeService recipes;
  private final RouteService routes;
  private final Temperatures temperatures;
  private final PieceAges ages;
  private final CureWarnings warnings;
  private final Catalogue catalogue;
  private final Clock clock;

  StrengthService(
      PieceService pieces,
      StepLedger ledger,
      PourReader pours,
      RecipeService recipes,
      RouteService routes,
      Temperatures temperatures,
      PieceAges ages,
      CureWarnings warnings,
      Catalogue catalogue,
      Clock clock) {
    this.pieces = pieces;
    this.ledger = ledger;
    this.pours = pours;
    this.recipes = recipes;
    this.routes = routes;
    this.temperatures = temperatures;
    this.ages = ages;
    this.warnings = warnings;
    this.catalogue = catalogue;
    this.clock = clock;
  }

  /** Gates to come are shown for so long. */
  private static final Duration AHEAD = Duration.ofDays(30);

  StrengthView strength(long pieceId) {
    PieceView piece =
        pieces.byIds(List.of(pieceId)).stream()
            .findFirst()
            .orElseThrow(() -> ProblemException.unknown("piece", pieceId));
    PourFacts facts = pours.facts(List.of(piece.castId())).get(piece.castId());
    RecipeView recipe = recipes.recipe(facts.recipeId());
    Route route =
        routes.route(piece.routeId()).route().withAges(recipe.demouldAgeH(), recipe.sealAfterH());
    List<StepLedger.PieceDone> history = ledger.history(pieceId);
    List<Stay> stays = ages.stays(facts, route, history);
    Instant now = clock.instant();
    // What has gone is told as it was when it went.
    Instant until = piece.sentAt() == null ? now : piece.sentAt();
    Temperatures.During during =
        temperatures.during(
            stays.stream().map(Stay::place).distinct().toList(),
            facts.pouredAt(),
            until,
            piece.sentAt() == null ? until.plus(AHEAD) : until);
    Places places = during.places();
    StrengthCurve curve = warnings.curve(recipe.strengthClass());
    // What was kept when it was ready stands, whatever is known of the readings since.
    double ageH =
        piece.ageAtReadyH() == null || piece.readyAt() == null
            ? places.ageH(stays, until)
            : piece.ageAtReadyH()
                + places.ageH(List.of(new Stay(Temperatures.ROOM, piece.readyAt())), until);
    return new StrengthView(
        facts.pouredAt(),
        ageH,
        curve.shareAt(ageH),
        recipe.strength28Mpa(),
        curve(curve, ageH),
        marks(recipe, route, history, places, facts.stays(), stays, curve),
        Strength.of(spans(during, stays, until), curve).methods(),
        classes(ageH),
        said(during, stays, until),
        catalogue.views(warnings.of(facts.stays(), recipe.strengthClass())));
  }

  private List<TemperatureSpan> spans(Temperatures.During during, List<Stay> stays, Instant until) {
    List<TemperatureSpan> spans = new ArrayList<>();
    for (int i = 0; i < stays.size(); i++) {
      Instant to = i + 1 < stays.size() ? stays.get(i + 1).since() : until;
      spans.addAll(during.spans(stays.get(i).place(), stays.get(i).since(), to));
    }
    return spans;
  }

  private List<ProbeReading> said(Temperatures.During during, List<Stay> stays, Instant until) {
    List<ProbeReading> said = new ArrayList<>();
    for (int i = 0; i < stays.size(); i++) {
      Instant to = i + 1 < stays.size() ? stays.get(i + 1).since() : until;
      said.addAll(during.said(stays.get(i).place(), stays.get(i).since(), to));
    }
    int every = said.size() / MOST_READINGS + 1;
    List<ProbeReading> thinned = new ArrayList<>();
    for (int i = 0; i < said.size(); i += every) {
      thinned.add(said.get(i));
    }
    return thinned;
  }

  private static List<StrengthView.CurvePoint> curve(StrengthCurve curve, double ageH) {
    List<StrengthView.CurvePoint> points = new ArrayList<>();
    for (double hours : CURVE_H) {
      points.add(new StrengthView.CurvePoint(hours, curve.shareAt(hours)));
    }
    if (ageH > CURVE_H[CURVE_H.length - 1]) {
      points.add(new StrengthView.CurvePoint(ageH, curve.shareAt(ageH)));
    }
    return points;
  }

  /** Demould, handling, sealing and selling, where its route has them. */
  private List<StrengthView.StrengthMark> marks(
      RecipeView recipe,
      Route route,
      List<StepLedger.PieceDone> history,
      Places places,
      List<Stay> inMould,
      List<Stay> stays,
      StrengthCurve curve) {
    Instant out = places.momentAt(inMould, recipe.demouldAgeH());
    List<StrengthView.StrengthMark> marks = new ArrayList<>();
    marks.add(
        new StrengthView.StrengthMark(
            "demould", recipe.demouldAgeH(), curve.shareAt(recipe.demouldAgeH()), out));
    Gate next = next(route, history, out);
    for (StepLedger.PieceDone done : history) {
      if (done.act().step() != null
          && !done.act().leftOut()
          && route.kind(done.act().stepNo()).has(Effect.COATS)
          && done.act().round() == 1) {
        marks.add(mark("seal", done.act().doneAt(), places, stays, curve));
      }
    }
    if (next != null) {
      for (Gate gate : route.gatesFrom(next)) {
        if (gate.kind().has(Effect.COATS) && gate.round() == 1) {
          marks.add(mark("seal", gate.earliest(), places, stays, curve));
        }
        if (route.endsWith(gate.stepNo(), gate.round())) {
          marks.add(mark("sell", gate.earliest(), places, stays, curve));
        }
      }
    }
    marks.add(
        new StrengthView.StrengthMark("handle hard", HANDLE_H, curve.shareAt(HANDLE_H), null));
    return marks;
  }

  private static Gate next(Route route, List<StepLedger.PieceDone> history, Instant out) {
    StepLedger.PieceDone last = null;
    for (StepLedger.PieceDone done : history) {
      if (done.act().step() != null) {
        last = done;
      }
    }
    return last == null
        ? route.demouldGate(out, null)
        : route
            .gateAfter(last.act().stepNo(), last.act().round(), last.act().doneAt())
            .orElse(null);
  }

  private static StrengthView.StrengthMark mark(
      String name, Instant at, Places places, List<Stay> stays, StrengthCurve curve) {
    double ageH = places.ageH(stays, at);
    return new StrengthView.StrengthMark(name, ageH, curve.shareAt(ageH), at);
  }

  /** Curves as published (EN 1992-1-1, 3.1.2(6); ACI 209R-92, 2.2.1). */
  private static List<StrengthView.ByClass> classes(double ageH) {
    return List.of(
        by("EN 1992-1-1, class R, s 0.20", new StrengthCurve.En1992(0.20), ageH),
        by("EN 1992-1-1, class N, s 0.25", new StrengthCurve.En1992(0.25), ageH),
        by("EN 1992-1-1, class S, s 0.38", new StrengthCurve.En1992(0.38), ageH),
        by("ACI 209R-92, Type I moist", new StrengthCurve.Aci209(4.0, 0.85), ageH),
        by("ACI 209R-92, Type III moist", new StrengthCurve.Aci209(2.3, 0.92), ageH));
  }

  private static StrengthView.ByClass by(String name, StrengthCurve curve, double ageH) {
    return new StrengthView.ByClass(
        name, name.substring(0, name.indexOf(',')), curve.shareAt(ageH));
  }
}
