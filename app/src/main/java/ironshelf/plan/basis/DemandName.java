package ironshelf.plan.basis;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a demand is for, as it stands in a plan: an order line's own pieces or parts of them, at one
 * of their pours.
 *
 * @param lineId of the order line; below nought where no order has it, 0 where nobody wants it
 * @param part which of the line's parts, from 1; 0: its own pieces
 * @param begun what of it has begun and is poured again; null: nothing has begun
 * @param pour an earlier one of its pours, from 0; null: the last
 */
public record DemandName(long lineId, int part, @Nullable String begun, @Nullable Integer pour) {

  private static final Pattern WRITTEN =
      Pattern.compile("line-(-?\\d+)(?:/(\\d+))?(?:~(?:(\\d+)|(.+?)(?:\\.(\\d+))?))?");

  public DemandName {
    if (part < 0 || (pour != null && pour < 0)) {
      throw new IllegalArgumentException("a part or pour below nought: " + part + ", " + pour);
    }
    if (begun != null && begun.chars().allMatch(c -> c >= '0' && c <= '9')) {
      throw new IllegalArgumentException("the name of what has begun has more than figures");
    }
  }

  /** The pieces of a line, at their last pour. */
  public static DemandName line(long lineId) {
    return new DemandName(lineId, 0, null, null);
  }

  /** Pieces that become parts of what is made for a line. */
  static DemandName part(long lineId, int no) {
    return new DemandName(lineId, no, null, null);
  }

  /** Another pour of it; null: the last. */
  DemandName at(@Nullable Integer pour) {
    return new DemandName(lineId, part, begun, pour);
  }

  /** A later pour of what has begun; null: the last. */
  DemandName after(String begun, @Nullable Integer pour) {
    return new DemandName(lineId, part, begun, pour);
  }

  /** The same for another line. */
  public DemandName forLine(long other) {
    return new DemandName(other, part, begun, pour);
  }

  /** Whether that is what a line wants, not a part or an earlier pour of it. */
  public boolean isWhole() {
    return equals(line(lineId));
  }

  public boolean isPart() {
    return part > 0;
  }

  /** Whether that is the last pour of what has begun under a name. */
  public boolean isLastPourOf(String other) {
    return other.equals(begun) && pour == null;
  }

  /**
   * Reads a name of a plan.
   *
   * @throws IllegalArgumentException where it is none
   */
  public static DemandName of(String written) {
    Matcher match = WRITTEN.matcher(written);
    if (!match.matches()) {
      throw new IllegalArgumentException("no demand of a plan: " + written);
    }
    String pour = match.group(3) != null ? match.group(3) : match.group(5);
    return new DemandName(
        Long.parseLong(match.group(1)),
        match.group(2) == null ? 0 : Integer.parseInt(match.group(2)),
        match.group(4),
        pour == null ? null : Integer.valueOf(pour));
  }

  /** As it stands in the plan. */
  @Override
  public String toString() {
    String made = "line-" + lineId + (part == 0 ? "" : "/" + part);
    if (begun == null) {
      return pour == null ? made : made + "~" + pour;
    }
    return made + "~" + begun + (pour == null ? "" : "." + pour);
  }
}
