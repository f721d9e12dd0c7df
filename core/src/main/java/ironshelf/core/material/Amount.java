package ironshelf.core.material;

import ironshelf.core.quantity.Dimension;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.NumberText;
import ironshelf.core.quantity.QuantityReader;
import ironshelf.core.quantity.Reading;
import ironshelf.core.quantity.RefusedException;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * An amount of a material as people say it: {@code 6 bags}, {@code 20 L}, {@code 12 kg}, {@code 100
 * pieces}, {@code 80 lb bag}.
 *
 * @param massKg over 0 and up to 5 000
 * @param packs how many packs that is; null where it was not said in packs
 * @param echo how it was read
 */
public record Amount(double massKg, @Nullable Double packs, String echo) {

  private static final String CONTAINER =
      "bags?|sacks?|pails?|buckets?|bottles?|jugs?|cans?|tins?|tubs?|drums?|box(?:es)?|cartons?"
          + "|bales?|rolls?|jars?|packets?|packs?";

  private static final Pattern PACKS =
      Pattern.compile("(?<number>.*\\S)\\s*(?:" + CONTAINER + ")", Pattern.CASE_INSENSITIVE);

  private static final Pattern PIECES =
      Pattern.compile("(?<number>.*\\S)\\s*(?:pieces?|pcs?\\.?)", Pattern.CASE_INSENSITIVE);

  /**
   * What an amount is reckoned from.
   *
   * @param bulkKgM3 loose density, for amounts by volume
   * @param packKg what one pack holds; null where it is not sold in packs
   * @param pieceG mass of one; null where it is not counted
   */
  public record Basis(double bulkKgM3, @Nullable Double packKg, @Nullable Double pieceG) {}

  public Amount {
    new Findings().above("amount", massKg, 0, Findings.MAX_MASS_KG).orRefuse();
  }

  /**
   * Reads how much was delivered. A bare number is packs where it is sold in packs, kilograms where
   * it is not.
   *
   * @throws RefusedException where it cannot be read, or names packs or pieces that are not known;
   *     its findings have the field {@code amount}
   */
  public static Amount delivered(String text, Basis of, QuantityReader quantities) {
    new Findings().text("amount", text, 80).orRefuse();
    Matcher packs = PACKS.matcher(text.strip());
    Optional<Double> bare = NumberText.read(text, quantities.mark());
    Optional<Double> count =
        packs.matches()
            ? NumberText.read(packs.group("number"), quantities.mark())
            : Optional.empty();
    if (count.isPresent() || (bare.isPresent() && of.packKg() != null)) {
      double number = count.or(() -> bare).orElseThrow();
      if (of.packKg() == null) {
        throw new RefusedException(
            new Finding(FindingCode.PACK_UNKNOWN, "amount", Map.of("value", text.strip())));
      }
      return new Amount(
          number * of.packKg(), number, plain(number) + " × " + plain(of.packKg()) + " kg");
    }
    return pack(text, of, quantities);
  }

  /** Reads what one pack holds, by mass, by volume or by count; a container's name may follow. */
  public static Amount pack(String text, Basis of, QuantityReader quantities) {
    new Findings().text("amount", text, 80).orRefuse();
    Matcher pieces = PIECES.matcher(text.strip());
    Optional<Double> counted =
        pieces.matches()
            ? NumberText.read(pieces.group("number"), quantities.mark())
            : Optional.empty();
    if (counted.isPresent()) {
      if (of.pieceG() == null) {
        throw new RefusedException(
            new Finding(FindingCode.PIECE_MASS_UNKNOWN, "amount", Map.of("value", text.strip())));
      }
      double number = counted.orElseThrow();
      return new Amount(number * of.pieceG() / 1000, null, plain(number) + " pieces");
    }
    Matcher contained = PACKS.matcher(text.strip());
    String quantity = contained.matches() ? contained.group("number") : text;
    return attempt(quantity, Dimension.MASS, quantities)
        .map(mass -> new Amount(mass.value(), null, mass.echo()))
        .or(
            () ->
                attempt(quantity, Dimension.VOLUME, quantities)
                    .map(
                        volume ->
                            new Amount(volume.value() * of.bulkKgM3() / 1000, null, volume.echo())))
        .orElseThrow(
            () ->
                new RefusedException(
                    new Finding(
                        FindingCode.AMOUNT_UNREADABLE, "amount", Map.of("value", text.strip()))));
  }

  private static Optional<Reading> attempt(
      String text, Dimension dimension, QuantityReader quantities) {
    try {
      return Optional.of(quantities.read(text, dimension));
    } catch (RefusedException otherKind) {
      return Optional.empty();
    }
  }

  private static String plain(double number) {
    return String.format(Locale.ROOT, "%.4f", number).replaceFirst("\\.?0+$", "");
  }
}
