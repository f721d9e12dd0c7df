package ironshelf.core.quantity;

import static javax.measure.MetricPrefix.CENTI;
import static javax.measure.MetricPrefix.MILLI;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.measure.Unit;
import javax.measure.UnitConverter;
import javax.measure.quantity.Volume;
import systems.uom.common.USCustomary;
import tech.units.indriya.unit.Units;

/**
 * The units a workshop writes, by every spelling accepted, with the factors of the JVM's standard
 * units library (US customary units as in NIST Handbook 44, appendix C).
 */
final class UnitTable {

  /**
   * @param symbol how the unit is echoed
   * @param next the symbol that a bare number behind this unit is read in ("2 lb 4"), or null
   */
  record Entry(Dimension dimension, String symbol, UnitConverter toBase, String next) {
    boolean isSmallerThan(Entry other) {
      return toBase.convert(1) < other.toBase.convert(1);
    }
  }

  private static final Unit<Volume> MILLILITRE = MILLI(Units.LITRE);

  private final Map<String, Entry> bySpelling = new HashMap<>();

  UnitTable(CupSize cup) {
    mass(Units.KILOGRAM, "kg", "g", "kgs", "kilo", "kilos", "kilogram", "kilograms");
    mass(Units.KILOGRAM.multiply(1_000), "t", "kg", "tonne", "tonnes", "metric ton", "metric tons");
    mass(Units.GRAM, "g", null, "gr", "gram", "grams", "gramme", "grammes");
    mass(USCustomary.POUND, "lb", "oz", "lbs", "pound", "pounds", "#");
    mass(USCustomary.OUNCE, "oz", null, "ounce", "ounces");

    volume(Units.LITRE, "L", "ml", "l", "litre", "litres", "liter", "liters", "ltr", "dm3");
    volume(
        MILLILITRE,
        "ml",
        null,
        "millilitre",
        "millilitres",
        "milliliter",
        "milliliters",
        "cc",
        "cm3",
        "cubic centimetre",
        "cubic centimetres",
        "cubic centimeter",
        "cubic centimeters");
    volume(MILLILITRE.multiply(10), "cl", null, "centilitre", "centilitres", "centiliters");
    volume(
        MILLILITRE.multiply(100), "dl", "ml", "decilitre", "decilitres", "deciliter", "deciliters");
    volume(
        Units.LITRE.multiply(1_000),
        "m3",
        "L",
        "cubic metre",
        "cubic metres",
        "cubic meter",
        "cubic meters");
    volume(
        USCustomary.GALLON_LIQUID,
        "gal",
        "qt",
        "gallon",
        "gallons",
        "gals",
        "us gal",
        "us gals",
        "us gallon",
        "us gallons",
        "u s gal",
        "u s gallon",
        "u s gallons");
    volume(
        USCustomary.GALLON_LIQUID.divide(4),
        "qt",
        "pt",
        "quart",
        "quarts",
        "qts",
        "us qt",
        "us quart",
        "us quarts");
    volume(
        USCustomary.GALLON_LIQUID.divide(8),
        "pt",
        "fl oz",
        "pint",
        "pints",
        "pts",
        "us pt",
        "us pint",
        "us pints");
    volume(
        USCustomary.FLUID_OUNCE,
        "fl oz",
        null,
        "floz",
        "fluid ounce",
        "fluid ounces",
        "us fl oz",
        "oz");
    volume(MILLILITRE.multiply(cup.ml()), "cup", null, "cups", "c");
    volume(
        USCustomary.CUBIC_FOOT,
        "cu ft",
        null,
        "cubic foot",
        "cubic feet",
        "cuft",
        "ft3",
        "cubic ft",
        "cu foot",
        "cu feet");
    volume(USCustomary.CUBIC_INCH, "cu in", null, "cubic inch", "cubic inches", "cuin", "in3");
    volume(
        USCustomary.FLUID_OUNCE.divide(2),
        "tbsp",
        null,
        "tbsps",
        "tbs",
        "tablespoon",
        "tablespoons");
    volume(USCustomary.FLUID_OUNCE.divide(6), "tsp", null, "tsps", "teaspoon", "teaspoons");

    var mm = MILLI(Units.METRE);
    put(
        Dimension.LENGTH,
        mm.getConverterTo(mm),
        "mm",
        null,
        "millimetre",
        "millimetres",
        "millimeter",
        "millimeters",
        "mms");
    put(
        Dimension.LENGTH,
        CENTI(Units.METRE).getConverterTo(mm),
        "cm",
        "mm",
        "centimetre",
        "centimetres",
        "centimeter",
        "centimeters",
        "cms");
    put(
        Dimension.LENGTH,
        Units.METRE.getConverterTo(mm),
        "m",
        "cm",
        "metre",
        "metres",
        "meter",
        "meters");
    put(
        Dimension.LENGTH,
        USCustomary.INCH.getConverterTo(mm),
        "in",
        null,
        "inch",
        "inches",
        "\"",
        "″",
        "”",
        "''",
        "′′",
        "’’",
        "ins");
    put(
        Dimension.LENGTH,
        USCustomary.FOOT.getConverterTo(mm),
        "ft",
        "in",
        "foot",
        "feet",
        "'",
        "′",
        "’");

    put(
        Dimension.TEMPERATURE,
        Units.CELSIUS.getConverterTo(Units.CELSIUS),
        "°C",
        null,
        "c",
        "deg c",
        "degc",
        "celsius",
        "degrees",
        "degrees c",
        "degree c",
        "degrees celsius",
        "deg celsius",
        "°");
    put(
        Dimension.TEMPERATURE,
        USCustomary.FAHRENHEIT.getConverterTo(Units.CELSIUS),
        "°F",
        null,
        "f",
        "deg f",
        "degf",
        "degrees f",
        "degree f",
        "degrees fahrenheit",
        "deg fahrenheit",
        "fahrenheit");

    put(
        Dimension.DURATION,
        Units.MINUTE.getConverterTo(Units.MINUTE),
        "min",
        "s",
        "mins",
        "minute",
        "minutes",
        "m");
    put(
        Dimension.DURATION,
        Units.HOUR.getConverterTo(Units.MINUTE),
        "h",
        "min",
        "hr",
        "hrs",
        "hour",
        "hours");
    put(Dimension.DURATION, Units.DAY.getConverterTo(Units.MINUTE), "d", "h", "day", "days");
    put(
        Dimension.DURATION,
        Units.SECOND.getConverterTo(Units.MINUTE),
        "s",
        null,
        "sec",
        "second",
        "seconds");
  }

  /** Returns the unit of that spelling in that dimension; case does not matter. */
  Optional<Entry> find(Dimension dimension, String spelling) {
    return Optional.ofNullable(bySpelling.get(key(dimension, spelling)));
  }

  /**
   * Returns the dimension that a spelling belongs to, where it belongs to another one than asked.
   */
  Optional<Dimension> otherDimension(String spelling) {
    for (Dimension dimension : Dimension.values()) {
      if (bySpelling.containsKey(key(dimension, spelling))) {
        return Optional.of(dimension);
      }
    }
    return Optional.empty();
  }

  private void mass(
      Unit<javax.measure.quantity.Mass> unit, String symbol, String next, String... others) {
    put(Dimension.MASS, unit.getConverterTo(Units.KILOGRAM), symbol, next, others);
  }

  private void volume(Unit<Volume> unit, String symbol, String next, String... others) {
    put(Dimension.VOLUME, unit.getConverterTo(Units.LITRE), symbol, next, others);
  }

  private void put(
      Dimension dimension, UnitConverter toBase, String symbol, String next, String... others) {
    Entry entry = new Entry(dimension, symbol, toBase, next);
    bySpelling.put(key(dimension, symbol), entry);
    for (String other : others) {
      bySpelling.put(key(dimension, other), entry);
    }
  }

  private static String key(Dimension dimension, String spelling) {
    return dimension
        + " "
        + spelling.toLowerCase(Locale.ROOT).replaceAll("[.\\s]+", " ").replace("° ", "°").strip();
  }
}
