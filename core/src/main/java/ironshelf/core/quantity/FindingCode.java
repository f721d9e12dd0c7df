package ironshelf.core.quantity;

/**
 * What can be wrong with a value, or worth saying of a result. The wording of each stands in the
 * catalogue of the application, under the same {@link #text}.
 */
public enum FindingCode {
  VALUE_MISSING("value.missing"),
  VALUE_UNREADABLE("value.unreadable"),
  NUMBER_TOO_SMALL("number.tooSmall"),
  NUMBER_NOT_ABOVE("number.notAbove"),
  NUMBER_TOO_LARGE("number.tooLarge"),
  LIST_EMPTY("list.empty"),
  LIST_TOO_LONG("list.tooLong"),
  QUANTITY_UNREADABLE("quantity.unreadable"),
  QUANTITY_UNIT_UNKNOWN("quantity.unitUnknown"),
  QUANTITY_WRONG_KIND("quantity.wrongKind"),
  QUANTITY_COMMA_AMBIGUOUS("quantity.commaAmbiguous"),
  CORE_TOO_WIDE("core.tooWide"),
  CORE_ABOVE_RIM("core.aboveRim"),
  CORE_TOUCHES("core.touches"),
  CAVITY_FULL("cavity.full"),
  CORE_IN_MEASURED("core.inMeasured"),
  CORES_TOUCH("cores.touch"),
  FLAT_TOO_WIDE("flat.tooWide"),
  OUTLINE_EMPTY("outline.empty"),
  OUTLINE_CROSSES("outline.crosses"),
  PROFILE_FOLDS("profile.folds"),
  WAIST_IMPOSSIBLE("waist.impossible"),
  PATH_UNREADABLE("path.unreadable"),
  PATH_PIECES("path.pieces"),
  PARTS_SUM("parts.sum"),
  MESH_EMPTY("mesh.empty"),
  MESH_OPEN("mesh.open"),
  MESH_TURNED("mesh.turned"),
  MESH_PACKED("mesh.packed"),
  MESH_LENGTH("mesh.length"),
  MESH_TEXT("mesh.text"),
  MESH_NOT_NUMBER("mesh.notNumber"),
  MESH_TOO_MANY("mesh.tooMany"),
  MESH_MAYBE_INCH("mesh.maybeInch"),
  MESH_MAYBE_MM("mesh.maybeMm"),
  RELEASE_ON_BOND("release.onBond"),
  RELEASE_FORBIDDEN("release.forbidden"),
  RELEASE_UNKNOWN("release.unknown"),
  TIPS_EASILY("tips.easily"),
  INGREDIENT_BULK_MISSING("ingredient.bulkMissing"),
  RECIPE_PARTS_MIXED("recipe.partsMixed"),
  RECIPE_BINDER_MISSING("recipe.binderMissing"),
  RECIPE_WATER_EXCEEDED("recipe.waterExceeded"),
  BATCH_MIXER_TOO_SMALL("batch.mixerTooSmall"),
  BATCH_CLOCK_TOO_SHORT("batch.clockTooShort"),
  BATCH_COPY_SLOW("batch.copySlow"),
  LAYERS_SUM("layers.sum"),
  LAYERS_FIRST_WAITS("layers.firstWaits"),
  LAYER_EARLY("layer.early"),
  TARGET_OVERFILLS("target.overfills"),
  DENSITY_OUT_OF_REACH("density.outOfReach"),
  TEMPERATURES_MISSING("temperatures.missing"),
  GREEN_BEFORE_DEMOULD("green.beforeDemould"),
  POINTS_NOT_RISING("points.notRising"),
  WALL_TOO_THIN("wall.tooThin"),
  MOULD_HEAVY("mould.heavy"),
  WALL_LOCKS("wall.locks"),
  PIGMENT_HIGH("pigment.high"),
  WORKING_TIME_SHORT("workingTime.short"),
  CURE_COLD("cure.cold"),
  CURE_FROST("cure.frost"),
  CURE_TOO_HOT("cure.tooHot"),
  CURE_WARM("cure.warm"),
  CURE_HOT("cure.hot"),
  CURE_NEVER("cure.never"),
  TENT_TOO_LATE("tent.tooLate"),
  ROUTE_START("route.start"),
  ROUTE_TWICE("route.twice"),
  ROUTE_AFTER_PACK("route.afterPack"),
  ROUTE_TRIM_SEALED("route.trimSealed"),
  ROUTE_BATH_SEALED("route.bathSealed"),
  ROUTE_SEAL_IN_MOULD("route.sealInMould"),
  ROUTE_SEAL_SLIMY("route.sealSlimy"),
  ROUTE_SEAL_WET("route.sealWet"),
  ROUTE_WAIT_ATTENDED("route.waitAttended"),
  ROUTE_ENDS_WAITING("route.endsWaiting"),
  STATION_UNKNOWN("station.unknown"),
  HOURS_TURNED("hours.turned"),
  PLAN_UNKNOWN("plan.unknown"),
  PLAN_MOULD_KEPT("plan.mouldKept"),
  PLAN_TOO_LONG("plan.tooLong"),
  PLAN_TOO_LARGE("plan.tooLarge");

  private final String text;

  FindingCode(String text) {
    this.text = text;
  }

  /** The code as it travels, for example {@code core.tooWide}. */
  public String text() {
    return text;
  }
}
