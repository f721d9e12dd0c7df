package ironshelf.pour.sheet;

import ironshelf.copy.CopyView;
import ironshelf.core.pour.script.PourSheet;
import ironshelf.core.pour.script.SheetMaker;
import ironshelf.http.problem.ProblemException;
import ironshelf.pour.Meant;
import ironshelf.pour.SheetKeys;
import ironshelf.recipe.RecipeService;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what a pour is meant to be, as it is kept when the pour is opened. */
@Service
@Transactional(readOnly = true)
public class MeantService {

  private final Chooser chooser;
  private final SheetSums sums;
  private final RecipeService recipes;

  MeantService(Chooser chooser, SheetSums sums, RecipeService recipes) {
    this.chooser = chooser;
    this.sums = sums;
    this.recipes = recipes;
  }

  /**
   * What is meant to be poured, as it is kept with the pour.
   *
   * @param lines the order line that each product is poured for, by the product; for stock where it
   *     has none
   * @param seen the version of each copy as it was chosen; as it is when it is filled where it has
   *     none
   * @param when it is poured; null where it is only looked at
   * @param earlyReason why before its gate; refused without one where it is
   */
  public Meant meant(
      PourSheetRequest request,
      Map<Long, Long> lines,
      Map<Long, Long> seen,
      @Nullable Instant when,
      @Nullable String earlyReason) {
    Chosen chosen = chooser.choose(request);
    Instant gate = chosen.mayStartAt();
    boolean early = when != null && gate != null && when.isBefore(gate);
    if (early && earlyReason == null) {
      throw ProblemException.conflict(
          "layer.tooEarly", Map.of("layer", chosen.session().get(0).name(), "at", gate));
    }
    SheetSums.Worked worked = sums.work(request, chosen);
    List<PourSheet.PlannedCopy> copies = new ArrayList<>();
    List<Meant.MeantCopy> copiesMeant = new ArrayList<>();
    for (SheetSums.WorkedFill each : worked.fills()) {
      Chosen.Fill fill = each.fill();
      for (CopyView copy : fill.copies()) {
        copies.add(
            new PourSheet.PlannedCopy(copy.code(), each.litres(), fill.mould().shape().cavities()));
        copiesMeant.add(
            new Meant.MeantCopy(
                copy.code(),
                copy.id(),
                seen.get(copy.id()),
                fill.product().id(),
                lines.get(fill.product().id())));
      }
    }
    copies.sort(order(request, copiesMeant));
    PourSheet sheet =
        new PourSheet(
            chosen.recipe().placement(),
            SheetChecks.KEYS,
            SheetSums.workingMin(worked.sum()),
            worked.shop().wastePercent(),
            IntStream.range(0, chosen.session().size())
                .mapToObj(
                    i ->
                        new PourSheet.PlannedLayer(chosen.session().get(i).name(), chosen.share(i)))
                .toList(),
            copies,
            SheetMaker.batches(
                worked.sum(),
                worked.mixes().stream()
                    .map(
                        m ->
                            new SheetMaker.LayerMaterials(
                                chosen.recipe().addition(),
                                m.materialIds().stream().map(SheetKeys::key).toList()))
                    .toList(),
                copies.stream().map(PourSheet.PlannedCopy::key).toList()));
    return new Meant(
        sheet,
        copiesMeant,
        chosen.recipe().id(),
        chosen.colourway().id(),
        chosen.session().stream().map(chosen::colourwayOf).toList(),
        chosen.session().stream()
            .map(l -> recipes.colourway(chosen.colourwayOf(l)).versionNo())
            .toList(),
        chosen.firstLayer(),
        worked.roomC(),
        worked.waterC(),
        chosen.isAgain(),
        early ? earlyReason : null);
  }

  /** As asked; the largest first where nothing is: it takes longest, and is seen most. */
  private static Comparator<PourSheet.PlannedCopy> order(
      PourSheetRequest request, List<Meant.MeantCopy> copies) {
    List<Long> asked = request.order();
    if (asked == null) {
      return Comparator.comparingDouble(PourSheet.PlannedCopy::litres).reversed();
    }
    Map<String, Long> ids =
        copies.stream().collect(Collectors.toMap(Meant.MeantCopy::key, Meant.MeantCopy::copyId));
    return Comparator.comparingInt(
        c -> {
          int at = asked.indexOf(ids.get(c.key()));
          return at < 0 ? asked.size() : at;
        });
  }
}
