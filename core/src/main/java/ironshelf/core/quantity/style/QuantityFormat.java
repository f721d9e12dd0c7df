package ironshelf.core.quantity.style;

import static java.util.Objects.requireNonNull;
import static tech.units.indriya.unit.Units.KILOGRAM;
import static tech.units.indriya.unit.Units.LITRE;
import static tech.units.indriya.unit.Units.METRE;

import java.math.BigDecimal;
import java.math.RoundingMode;
import systems.uom.common.USCustomary;

/**
 * Says a quantity in the units of a shop, as a reader wants it: the unit fits the size, three
 * figures, no zeros at the end, lengths in inches as fractions.
 *
 * <p>Factors: the JVM's standard units library (NIST Handbook 44, appendix C). The interface has
 * the same rules in {@code web/src/kit/units.ts}; both are held to {@code said-quantities.csv}. Not
 * promised: that what is said reads back exactly; it is rounded.
 */
public final class QuantityFormat {

  /** m/s2, exact by definition (NIST SP 811, appendix B.8). */
  private static final double STANDARD_GRAVITY = 9.806_65;

  private static final double KG_PER_OZ = USCustomary.OUNCE.getConverterTo(KILOGRAM).convert(1.0);
  private static final double KG_PER_LB = USCustomary.POUND.getConverterTo(KILOGRAM).convert(1.0);
  private static final double M_PER_INCH = USCustomary.INCH.getConverterTo(METRE).convert(1.0);
  private static final double M_PER_FT = USCustomary.FOOT.getConverterTo(METRE).convert(1.0);
  private static final double L_PER_GALLON =
      USCustomary.GALLON_LIQUID.getConverterTo(LITRE).convert(1.0);
  private static final double KG_M3_PER_LB_FT3 = KG_PER_LB / Math.pow(M_PER_FT, 3);
  private static final double M2_PER_FT2 = M_PER_FT * M_PER_FT;
  private static final double G_M2_PER_OZ_FT2 = 1000 * KG_PER_OZ / M2_PER_FT2;
  private static final double MPA_PER_PSI =
      KG_PER_LB * STANDARD_GRAVITY / (M_PER_INCH * M_PER_INCH) / 1e6;

  private final UnitSystem system;

  public QuantityFormat(UnitSystem system) {
    this.system = requireNonNull(system, "system");
  }

  /**
   * @param value in the unit of the measure; what is not finite is written without a unit
   * @return the value and its unit, for example {@code 2.07 kg} or {@code 7 1/16 in}
   */
  public String say(Measure measure, double value) {
    if (!Double.isFinite(value)) {
      return String.valueOf(value);
    }
    return system == UnitSystem.METRIC ? metric(measure, value) : us(measure, value);
  }

  private String metric(Measure measure, double value) {
    double size = Math.abs(value);
    return switch (measure) {
      case MASS -> size < 1 ? small(value * 1000) + " g" : figures(value) + " kg";
      case LENGTH -> decimals(value, size < 100 ? 1 : 0) + " mm";
      case VOLUME -> size < 0.1 ? small(value * 1000) + " ml" : figures(value) + " L";
      case TEMPERATURE, DIFFERENCE -> decimals(value, 1) + " °C";
      case DENSITY -> decimals(value, 0) + " kg/m³";
      case AREA -> size < 0.1 ? figures(value * 1e4) + " cm²" : figures(value) + " m²";
      case COVERAGE -> figures(value) + " g/m²";
      case STRENGTH -> figures(value) + " MPa";
    };
  }

  private String us(Measure measure, double value) {
    return switch (measure) {
      case MASS -> {
        double oz = value / KG_PER_OZ;
        yield Math.abs(oz) < 64 - 1e-9 ? figures(oz) + " oz" : figures(value / KG_PER_LB) + " lb";
      }
      case LENGTH -> inches(value / 1000 / M_PER_INCH) + " in";
      case VOLUME -> {
        double gallons = value / L_PER_GALLON;
        double size = Math.abs(gallons) + 1e-9;
        yield size < 0.25
            ? figures(gallons * 128) + " fl oz"
            : size < 1 ? figures(gallons * 4) + " qt" : figures(gallons) + " gal";
      }
      case TEMPERATURE -> decimals(value * 1.8 + 32, 0) + " °F";
      case DIFFERENCE -> decimals(value * 1.8, 0) + " °F";
      case DENSITY -> decimals(value / KG_M3_PER_LB_FT3, 1) + " lb/ft³";
      case AREA -> {
        double feet = value / M2_PER_FT2;
        yield Math.abs(feet) < 1 ? figures(feet * 144) + " sq in" : figures(feet) + " sq ft";
      }
      case COVERAGE -> figures(value / G_M2_PER_OZ_FT2) + " oz/sq ft";
      case STRENGTH -> decimals(value / MPA_PER_PSI / 10, 0, 10) + " psi";
    };
  }

  /** Inches to 1/32 under one, to 1/16 above, as a tape shows them. */
  private String inches(double inches) {
    double size = Math.abs(inches);
    if (size < 1.0 / 64) {
      return decimals(inches, 3);
    }
    int parts = size < 1 ? 32 : 16;
    long above = Math.round(size * parts);
    long whole = above / parts;
    long rest = above % parts;
    while (rest > 0 && rest % 2 == 0) {
      rest /= 2;
      parts /= 2;
    }
    String sign = inches < 0 ? "-" : "";
    if (rest == 0) {
      return sign + grouped(BigDecimal.valueOf(whole));
    }
    return sign + (whole > 0 ? whole + " " : "") + rest + "/" + parts;
  }

  /** Three figures, more where the whole part has more. */
  private String figures(double value) {
    double size = Math.abs(value);
    return decimals(value, size >= 99.95 ? 0 : size >= 9.995 ? 1 : size >= 0.9995 ? 2 : 3);
  }

  private String small(double value) {
    return decimals(value, Math.abs(value) < 10 ? 1 : 0);
  }

  private String decimals(double value, int digits) {
    return decimals(value, digits, 1);
  }

  private String decimals(double value, int digits, int times) {
    BigDecimal rounded =
        BigDecimal.valueOf(value)
            .setScale(digits, RoundingMode.HALF_UP)
            .multiply(BigDecimal.valueOf(times));
    return grouped(rounded.signum() == 0 ? BigDecimal.ZERO : rounded.stripTrailingZeros());
  }

  private String grouped(BigDecimal number) {
    String plain = number.toPlainString();
    int point = plain.indexOf('.');
    String whole = point < 0 ? plain : plain.substring(0, point);
    String separator = system == UnitSystem.METRIC ? "\u2009" : ",";
    return whole.replaceAll("\\B(?=(\\d{3})+$)", separator)
        + (point < 0 ? "" : plain.substring(point));
  }
}
