package ironshelf.inspect;

import ironshelf.core.piece.cause.Cause;
import ironshelf.core.piece.cause.Defect;
import ironshelf.core.piece.cause.Evidence;
import ironshelf.core.piece.cause.FactName;
import ironshelf.core.piece.cause.PieceFacts;
import ironshelf.http.problem.Catalogue;
import ironshelf.piece.PieceView;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import tools.jackson.databind.EnumNamingStrategies;

/** Ranks the causes of what is seen, and finds the words for them. */
@Service
class CauseService {

  private final FactsService facts;
  private final InspectService inspections;
  private final Catalogue catalogue;

  CauseService(FactsService facts, InspectService inspections, Catalogue catalogue) {
    this.facts = facts;
    this.inspections = inspections;
    this.catalogue = catalogue;
  }

  /** The causes by a piece's own records and by what was told of it. */
  List<CauseView> causes(long pieceId, Defect defect, Map<FactName, Double> told) {
    PieceView piece = inspections.piece(pieceId);
    PieceFacts all = facts.facts(piece);
    for (InspectionView seen : inspections.ofPiece(pieceId)) {
      all = all.and(seen.told());
    }
    List<PieceView> parts = inspections.partsOf(piece);
    return defect.rank(all.and(told), parts.stream().map(facts::facts).toList()).stream()
        .map(r -> view(r, parts))
        .toList();
  }

  List<CauseView> causes(Defect defect, PieceFacts known) {
    return defect.rank(known).stream().map(r -> view(r, List.of())).toList();
  }

  private CauseView view(Defect.Ranked ranked, List<PieceView> parts) {
    Cause cause = ranked.cause();
    Evidence evidence = ranked.evidence();
    String code = "cause." + word(cause);
    Map<String, Object> params = new HashMap<>();
    params.put("value", evidence.value());
    params.put("limit", evidence.limit());
    return new CauseView(
        cause,
        catalogue.say(code, "", Map.of()),
        evidence.verdict(),
        evidence.verdict() == Evidence.Verdict.NOT_KNOWN
            ? null
            : catalogue.say(fact(code, evidence.verdict()), "", params),
        catalogue.say(code + ".change", "", Map.of()),
        ranked.part() < 0 ? null : inspections.named(parts.get(ranked.part())),
        cause.asks());
  }

  /** What is yes or no has words for each. */
  private String fact(String code, Evidence.Verdict verdict) {
    boolean against = verdict == Evidence.Verdict.SPEAKS_AGAINST;
    return against && catalogue.knows(code + ".not") ? code + ".not" : code + ".fact";
  }

  List<DefectView> defects() {
    return Arrays.stream(Defect.values())
        .map(
            d ->
                new DefectView(
                    d,
                    catalogue.say("defect." + word(d), "", Map.of()),
                    catalogue.say("defect." + word(d) + ".mend", "", Map.of())))
        .toList();
  }

  private static String word(Enum<?> constant) {
    return EnumNamingStrategies.LOWER_CAMEL_CASE.convertEnumToExternalName(
        null, null, constant.name());
  }
}
