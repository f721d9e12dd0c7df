package ironshelf.http;

import tools.jackson.databind.EnumNamingStrategies;

/** How the constants of an enum travel: {@code PARTS_BY_VOLUME} is {@code partsByVolume}. */
final class EnumNames {

  private EnumNames() {}

  static String of(Object constant) {
    return EnumNamingStrategies.LOWER_CAMEL_CASE.convertEnumToExternalName(
        null, null, ((Enum<?>) constant).name());
  }
}
