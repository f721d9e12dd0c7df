package ironshelf.recipe.colourway;

import static java.util.Objects.requireNonNull;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A colourway to be kept.
 *
 * @param swatch {@code #rrggbb}
 * @param waterOffsetPercent -50 to 50: dark colours want less, white wants more
 */
public record ColourwayRequest(
    String name,
    String swatch,
    @WhenMissing("0") double waterOffsetPercent,
    @Nullable List<DoseRequest> doses) {

  private static final int MOST = 10;

  /** A pigment and its dose, over 0 and up to 30 percent of the binder. */
  public record DoseRequest(@Nullable Long materialId, double percentOfBinder) {
    public DoseRequest {
      new Findings()
          .present("materialId", materialId)
          .above("percentOfBinder", percentOfBinder, 0, 30)
          .orRefuse();
    }
  }

  public ColourwayRequest {
    waterOffsetPercent = Double.isNaN(waterOffsetPercent) ? 0 : waterOffsetPercent;
    doses = doses == null ? List.of() : doses;
    Findings findings =
        new Findings()
            .text("name", name, 80)
            .text("swatch", swatch, 7)
            .within("waterOffsetPercent", waterOffsetPercent, -50, 50)
            .addIf(
                swatch == null || !swatch.matches("#[0-9a-fA-F]{6}"),
                FindingCode.VALUE_UNREADABLE,
                "swatch",
                Map.of("value", String.valueOf(swatch), "wanted", "a colour like #6a727a"));
    if (!doses.isEmpty()) {
      findings.list("doses", doses, MOST);
    }
    findings.orRefuse();
    doses = List.copyOf(doses);
  }

  /** Whether a colourway is this already. */
  public boolean isSame(ColourwayView other) {
    return name.strip().equals(other.name())
        && swatch.equalsIgnoreCase(other.swatch())
        && waterOffsetPercent == other.waterOffsetPercent()
        && requireNonNull(doses).stream()
            .map(d -> new ColourwayView.Dose(requireNonNull(d.materialId()), d.percentOfBinder()))
            .toList()
            .equals(other.doses());
  }
}
