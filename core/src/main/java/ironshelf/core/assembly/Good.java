package ironshelf.core.assembly;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Route;
import java.util.List;
import java.util.Map;

/**
 * Something that is made: alone, or with parts.
 *
 * @param name by which others take it
 * @param route with its recipe's own waits filled in
 * @param joins at most one for each step of the route that joins
 * @param pieceKg of its own body when it is dry, 0 to 5 000 (0)
 * @param spare pieces in stock, 0 to 1 000 000
 */
public record Good(
    String name, Route route, List<Join> joins, @WhenMissing("0") double pieceKg, int spare) {
  public Good {
    pieceKg = Double.isNaN(pieceKg) ? 0 : pieceKg;
    Findings findings =
        new Findings()
            .text("name", name, 80)
            .present("route", route)
            .within("pieceKg", pieceKg, 0, Findings.MAX_MASS_KG)
            .within("spare", spare, 0, 1_000_000);
    joins = joins == null ? List.of() : List.copyOf(joins);
    if (route != null) {
      for (int i = 0; i < joins.size(); i++) {
        int no = joins.get(i).stepNo();
        boolean joinsThere = no < route.steps().size() && route.kind(no).has(Effect.JOINS);
        long there = joins.stream().filter(j -> j.stepNo() == no).count();
        findings.addIf(
            !joinsThere || there > 1,
            FindingCode.PARTS_NO_JOIN,
            "joins." + i + ".stepNo",
            Map.of("value", no));
      }
    }
    findings.orRefuse();
  }

  /** Returns what a step takes; nothing where it joins nothing. */
  List<Part> partsAt(int stepNo) {
    return joins.stream()
        .filter(j -> j.stepNo() == stepNo)
        .findFirst()
        .map(Join::parts)
        .orElse(List.of());
  }
}
