package ironshelf.core.pour.script;

import static ironshelf.core.quantity.Refusals.assertRefusedAt;
import static ironshelf.core.quantity.Refusals.refusal;

import ironshelf.core.material.Role;
import ironshelf.core.pour.script.PourSheet.PlannedBatch;
import ironshelf.core.pour.script.PourSheet.PlannedCopy;
import ironshelf.core.pour.script.PourSheet.PlannedLayer;
import ironshelf.core.pour.script.PourSheet.PlannedLine;
import ironshelf.core.pour.script.PourSheet.PlannedMix;
import ironshelf.core.pour.script.PourSheet.PlannedPortion;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Placement;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What the facts and the sheet of a pour refuse, each a value that is missing or just too large.
 */
class LimitsTest {

  private static final double TOO_HEAVY = 5_000.1;
  private static final String LONG = "x".repeat(201);

  private static final PlannedLayer LAYER = new PlannedLayer("all", 1);
  private static final PlannedCopy COPY = new PlannedCopy("R1", 1, 1);
  private static final PlannedMix MIX = new PlannedMix("m1", List.of(line("w", 1)));
  private static final PlannedBatch BATCH = batch("b1", List.of(MIX));

  static Stream<Arguments> facts() {
    return Stream.of(
        refusal("check", () -> new What.Checked(" ")),
        refusal("line", () -> new What.WeighedIn("", 1, Source.SCALE, false)),
        refusal("kg", () -> new What.WeighedIn("w", -0.001, Source.SCALE, false)),
        refusal("source", () -> new What.WeighedIn("w", 1, null, false)),
        refusal("mix", () -> new What.AsAsked("")),
        refusal("mix", () -> new What.Wetted("")),
        refusal("role", () -> new What.PutIn("m", "oxide", null, 1, 1, Source.SCALE)),
        refusal("kg", () -> new What.PutIn("m", "oxide", Role.PIGMENT, 0, 1, Source.SCALE)),
        refusal(
            "litresPerKg", () -> new What.PutIn("m", "oxide", Role.PIGMENT, 1, -1, Source.SCALE)),
        refusal("factor", () -> new What.Followed("m", 10.1)),
        refusal("factor", () -> new What.Followed("m", 0.09)),
        refusal("kg", () -> new What.Filled("R1", "b1", true, 0.0, null, null)),
        refusal("cavities", () -> new What.Filled("R1", "b1", true, null, null, 0)),
        refusal("batch", () -> new What.Filled("R1", "", true, null, null, null)),
        refusal("why.length", () -> new What.LeftOut("R1", LONG)),
        refusal("copy", () -> new What.Added(null, null, null)),
        refusal("litres", () -> new What.MixedMore("b2", "b1", 0)),
        refusal("kg", () -> new What.SplitOff("rust", "m1", 0, "Rust")),
        refusal("colour", () -> new What.SplitOff("rust", "m1", 1, "")),
        refusal("batch", () -> new What.Emptied("")),
        refusal("batch", () -> new What.Tapped("")),
        refusal("kg", () -> new What.LeftWeighed(TOO_HEAVY, Source.SCALE)),
        refusal("source", () -> new What.LeftWeighed(1, null)),
        refusal("kg", () -> new What.Thrown("b1", 0.0, "set")),
        refusal("why", () -> new What.Thrown("b1", null, "")),
        refusal("why", () -> new What.Abandoned("")),
        refusal("fact", () -> new What.TakenBack("")),
        refusal("at", () -> new PourFact("k", null, null, null, new What.Recorded())),
        refusal("what", () -> new PourFact("k", TestPours.START, null, null, null)));
  }

  static Stream<Arguments> sheets() {
    PlannedMix twice = new PlannedMix("m2", MIX.lines());
    PlannedMix other = new PlannedMix("m2", List.of(line("c", 1)));
    return Stream.of(
        refusal("share", () -> new PlannedLayer("all", 1.01)),
        refusal("litres", () -> new PlannedCopy("R1", 0, 1)),
        refusal("cavities", () -> new PlannedCopy("R1", 1, 0)),
        refusal("mixes", () -> batch("b1", List.of())),
        refusal("portions", () -> new PlannedBatch("b1", List.of(MIX), null)),
        refusal("litres", () -> new PlannedPortion("R1", 0)),
        refusal("lines", () -> new PlannedMix("m1", List.of())),
        refusal("askedKg", () -> line("w", TOO_HEAVY)),
        refusal("materials", () -> new SheetMaker.LayerMaterials(Addition.COLOUR_LAST, List.of())),
        refusal("workingMinutes", () -> sheet(0, List.of(), LAYER, List.of(COPY), BATCH)),
        refusal("checks", () -> sheet(10, many(21), LAYER, List.of(COPY), BATCH)),
        refusal("copies", () -> sheet(10, List.of(), LAYER, List.of(), BATCH)),
        refusal("copies.key", () -> sheet(10, List.of(), LAYER, List.of(COPY, COPY), BATCH)),
        refusal(
            "layers.share",
            () -> sheet(10, List.of(), new PlannedLayer("half", 0.5), List.of(COPY), BATCH)),
        refusal("batches.key", () -> sheet(BATCH, BATCH)),
        refusal("mixes.key", () -> sheet(BATCH, batch("b2", List.of(MIX)))),
        refusal("lines.key", () -> sheet(BATCH, batch("b2", List.of(twice)))),
        refusal(
            "batches.0.portions",
            () ->
                sheet(new PlannedBatch("b1", List.of(MIX), List.of(new PlannedPortion("R2", 1))))),
        refusal("batches.0.mixes.size", () -> sheet(batch("b1", List.of(MIX, other)))),
        refusal("sheet", () -> PourScript.of(null, List.of())),
        refusal("facts", () -> PourScript.of(TestPours.simple(1, 1, 1), null)));
  }

  private static PlannedBatch batch(String key, List<PlannedMix> mixes) {
    return new PlannedBatch(key, mixes, List.of());
  }

  private static List<String> many(int checks) {
    return Collections.nCopies(checks, "moulds");
  }

  private static PlannedLine line(String key, double kg) {
    return new PlannedLine(key, "material of " + key, Role.WATER, kg, 0.01, 1, false, null);
  }

  private static PourSheet sheet(PlannedBatch... batches) {
    return sheet(10, List.of(), LAYER, List.of(COPY), batches);
  }

  private static PourSheet sheet(
      double workingMinutes,
      List<String> checks,
      PlannedLayer layer,
      List<PlannedCopy> copies,
      PlannedBatch... batches) {
    return new PourSheet(
        Placement.POURED, checks, workingMinutes, 8, List.of(layer), copies, List.of(batches));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource({"facts", "sheets"})
  void refuses(String field, ThrowingCallable made) {
    assertRefusedAt(field, made);
  }
}
