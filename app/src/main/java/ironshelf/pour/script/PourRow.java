package ironshelf.pour.script;

import ironshelf.pour.PourView;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A pour in the list of pours.
 *
 * @param copies codes of those that were filled
 * @param status how it stands
 * @param person who noted the last of its facts; null where that is not known
 */
public record PourRow(
    long id,
    Instant at,
    List<String> products,
    String recipe,
    String colourway,
    String swatch,
    List<String> copies,
    List<PourView.PouredFor> orders,
    PourStands status,
    @Nullable String person) {

  /** How a pour stands. */
  public enum PourStands {
    OPEN,
    RECORDED,
    ABANDONED,
    UNDONE
  }
}
