package ironshelf.http.json;

import java.time.DayOfWeek;
import tools.jackson.databind.EnumNamingStrategies;

/**
 * How the constants of an enum travel: {@code PARTS_BY_VOLUME} is {@code partsByVolume}; days of
 * the week are {@code MON} to {@code SUN}.
 */
public final class EnumNames {

  private EnumNames() {}

  public static String of(Object constant) {
    if (constant instanceof DayOfWeek day) {
      return day.name().substring(0, 3);
    }
    return EnumNamingStrategies.LOWER_CAMEL_CASE.convertEnumToExternalName(
        null, null, ((Enum<?>) constant).name());
  }
}
