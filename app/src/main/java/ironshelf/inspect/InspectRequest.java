package ironshelf.inspect;

import ironshelf.core.piece.cause.FactName;
import ironshelf.core.quantity.Findings;
import ironshelf.piece.Grade;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What was seen on a piece.
 *
 * @param grade null where it is scrap
 * @param scrapReason null unless it is scrap
 * @param told what the person knows besides the records
 * @param massKg null where it was not weighed
 */
public record InspectRequest(
    @Nullable Grade grade,
    @Nullable String scrapReason,
    @Nullable List<SeenDefect> defects,
    @Nullable Map<FactName, Double> told,
    @Nullable Double massKg,
    @Nullable String note,
    @Nullable String earlyReason) {

  public InspectRequest {
    defects = defects == null ? List.of() : List.copyOf(defects);
    told = told == null ? Map.of() : told;
    Findings findings = new Findings();
    if (scrapReason == null) {
      findings.present("grade", grade);
    } else {
      findings.text("scrapReason", scrapReason, 200);
    }
    if (massKg != null) {
      findings.above("massKg", massKg, 0, Findings.MAX_MASS_KG);
    }
    if (note != null) {
      findings.text("note", note, 500);
    }
    if (!defects.isEmpty()) {
      findings.list("defects", defects, 30);
    }
    for (Map.Entry<FactName, Double> entry : told.entrySet()) {
      findings.within("told." + entry.getKey(), entry.getValue(), -1e6, 1e6);
    }
    findings.orRefuse();
    told = Map.copyOf(told);
  }
}
