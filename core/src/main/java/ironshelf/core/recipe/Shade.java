package ironshelf.core.recipe;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.ShippedTable;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVRecord;

/**
 * A first guess of a cured shade: absorption and scattering of what is in the face add up by mass
 * (P. Kubelka and F. Munk, 1931; two-constant mixing, D. R. Duncan, 1940), red, green and blue each
 * for itself. Sand and stone are taken to be covered by the paste. A guess: it knows nothing of
 * water, curing and light, and its strengths are from memory until a shop sets its own swatch.
 *
 * @param dry {@code #rrggbb}
 * @param wet the same while it is wet: water fills the pores and darkens it
 */
public record Shade(String dry, String wet) {

  /** What a wet face reflects of what the dry one does (common practice: it dries much lighter). */
  private static final double WET_SHARE = 0.55;

  private static final int CHANNELS = 3;
  private static final Map<String, Tint> TINTS = shipped();

  /** A material's own look and how strongly it scatters, by mass, against cement. */
  private record Tint(List<Double> reflectance, double scattering) {}

  /**
   * Something in the paste.
   *
   * @param material code of a shipped material
   * @param percentOfBinder 100 for the binder itself, over 0 and up to 100
   */
  public record Tinted(String material, double percentOfBinder) {
    public Tinted {
      new Findings()
          .text("material", material, 40)
          .above("percentOfBinder", percentOfBinder, 0, 100)
          .orRefuse();
    }
  }

  /** Refused: materials whose look is not known. */
  public static Shade of(List<Tinted> paste) {
    Findings findings = new Findings().list("paste", paste, 20);
    findings.orRefuse();
    for (int i = 0; i < paste.size(); i++) {
      findings.addIf(
          !TINTS.containsKey(paste.get(i).material()),
          FindingCode.VALUE_UNREADABLE,
          "paste." + i + ".material",
          Map.of("value", paste.get(i).material(), "wanted", "one of " + known()));
    }
    findings.orRefuse();
    double[] dry = new double[CHANNELS];
    for (int c = 0; c < CHANNELS; c++) {
      double absorbed = 0;
      double scattered = 0;
      for (Tinted part : paste) {
        Tint tint = TINTS.get(part.material());
        double scattering = part.percentOfBinder() * tint.scattering();
        scattered += scattering;
        absorbed += scattering * absorptionOverScattering(tint.reflectance().get(c));
      }
      dry[c] = reflectance(absorbed / scattered);
    }
    return new Shade(hex(dry, 1), hex(dry, WET_SHARE));
  }

  /** Returns the materials whose look is known. */
  public static List<String> known() {
    return TINTS.keySet().stream().sorted().toList();
  }

  /** {@code K/S = (1 - R)^2 / 2R}. */
  private static double absorptionOverScattering(double r) {
    return (1 - r) * (1 - r) / (2 * r);
  }

  /** {@code R = 1 + K/S - sqrt((K/S)^2 + 2 K/S)}. */
  private static double reflectance(double ks) {
    return 1 + ks - Math.sqrt(ks * ks + 2 * ks);
  }

  /** From a screen's value to light and back: IEC 61966-2-1. */
  private static double linear(int value) {
    double v = value / 255.0;
    return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
  }

  private static int screen(double light) {
    double v = light <= 0.003_130_8 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    return (int) Math.round(255 * Math.max(0, Math.min(1, v)));
  }

  private static String hex(double[] light, double share) {
    return String.format(
        Locale.ROOT,
        "#%02x%02x%02x",
        screen(light[0] * share),
        screen(light[1] * share),
        screen(light[2] * share));
  }

  private static Map<String, Tint> shipped() {
    return ShippedTable.rows(Shade.class, "shades.csv", row -> row).stream()
        .collect(Collectors.toUnmodifiableMap(row -> row.get("material"), Shade::tint));
  }

  private static Tint tint(CSVRecord row) {
    String swatch = row.get("swatch");
    List<Double> reflectance =
        IntStream.range(0, CHANNELS)
            .mapToObj(c -> linear(Integer.parseInt(swatch.substring(1 + 2 * c, 3 + 2 * c), 16)))
            .toList();
    return new Tint(reflectance, Double.parseDouble(row.get("scattering")));
  }
}
