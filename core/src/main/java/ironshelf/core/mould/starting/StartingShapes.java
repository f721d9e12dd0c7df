package ironshelf.core.mould.starting;

import static ironshelf.core.mould.starting.Measure.length;

import ironshelf.core.mould.starting.Measure.Place;
import ironshelf.core.quantity.Dimension;
import java.util.List;
import java.util.Optional;

/** The shapes shipped, with typical measures (common practice). */
public final class StartingShapes {

  static final String PAVER_CODE = "paver";

  private static final List<String> VESSEL =
      List.of("sand-cement", "rapid-neat-4-1", "white-neat", "hypertufa", "hypertufa-perlite");
  private static final List<String> TRAY = List.of("white-neat", "rapid-neat-4-1", "faced");
  private static final List<String> PAVER = List.of("sand-cement-stone", "bagged", "stamp");
  private static final List<String> STONE = List.of("bagged", "sand-cement-stone");

  private static final Measure HEIGHT =
      length("heightMm", "height", 150, Place.RIGHT, "cavity.heightMm", "heightMm");
  private static final Measure BASE =
      length("baseMm", "base thick", 15, Place.LEFT_LOW, "coreLiftMm", "core.heightMm");
  private static final Measure LENGTH =
      length("lengthMm", "long", 200, Place.ABOVE, "cavity.lengthMm", "lengthMm");
  private static final Measure WIDTH =
      length("widthMm", "wide", 120, Place.BELOW, "cavity.widthMm", "widthMm", "beamMm");
  private static final Measure WALL =
      length(
          "wallMm",
          "wall thick",
          20,
          Place.LEFT,
          "core.lengthMm",
          "core.widthMm",
          "core.profile",
          "core.diameterMm");

  private static final List<StartingShape> SHIPPED =
      List.of(
          new StartingShape(
              "pot",
              "pot of two tubs",
              "vessels",
              "kitchen-plastic",
              VESSEL,
              Layering.WHOLE,
              List.of(
                  length("topMm", "outer, across the top", 160, Place.ABOVE, "cavity.top"),
                  length("innerTopMm", "inner, across the top", 128, Place.INSIDE_TOP, "core.top"),
                  HEIGHT,
                  length("innerBaseMm", "inner base", 90, Place.INSIDE_BASE, "core.base"),
                  BASE,
                  length("bottomMm", "outer, across the base", 120, Place.BELOW, "cavity.base")),
              Vessels::pot),
          new StartingShape(
              "tray",
              "shallow tray",
              "trays",
              "silicone",
              TRAY,
              Layering.WHOLE,
              List.of(typical(LENGTH, 240), typical(HEIGHT, 20), typical(WIDTH, 120)),
              Flats::slab),
          new StartingShape(
              "bowl",
              "bowl",
              "vessels",
              "kitchen-plastic",
              VESSEL,
              Layering.WHOLE,
              List.of(
                  length("topMm", "across the rim", 200, Place.ABOVE, "cavity."),
                  typical(WALL, 15),
                  typical(HEIGHT, 90),
                  typical(BASE, 15),
                  length("footMm", "across the foot", 80, Place.BELOW, "cavity.foot")),
              Vessels::bowl),
          new StartingShape(
              "box",
              "box",
              "vessels",
              "melamine",
              List.of("hypertufa", "hypertufa-perlite", "sand-cement"),
              Layering.WHOLE,
              List.of(
                  typical(LENGTH, 300),
                  typical(WALL, 40),
                  typical(HEIGHT, 150),
                  typical(BASE, 40),
                  typical(WIDTH, 200)),
              Vessels::box),
          new StartingShape(
              "cup-with-lid",
              "cup with lid",
              "vessels",
              "silicone-jacketed",
              List.of("rapid-neat-4-1", "white-neat"),
              Layering.WHOLE,
              List.of(
                  length("topMm", "across the top", 90, Place.ABOVE, "cavity.top"),
                  length("innerTopMm", "inner, across the top", 72, Place.INSIDE_TOP, "core.top"),
                  typical(HEIGHT, 90),
                  length("innerBaseMm", "inner base", 64, Place.INSIDE_BASE, "core.base"),
                  typical(BASE, 12),
                  length("bottomMm", "across the base", 82, Place.BELOW, "cavity.base"),
                  length("lidMm", "lid thick", 10, Place.RIGHT_LOW, "lid")),
              Vessels::cupWithLid),
          new StartingShape(
              "vase",
              "turned vase",
              "vessels",
              "silicone-jacketed",
              List.of("rapid-neat-4-1", "sand-cement", "white-neat"),
              Layering.WHOLE,
              List.of(
                  length("neckMm", "across the neck", 64, Place.ABOVE, "cavity."),
                  length("boreMm", "bore", 34, Place.INSIDE_TOP, "core.diameterMm"),
                  typical(HEIGHT, 200),
                  length("bellyMm", "across the belly", 110, Place.LEFT, "cavity.belly"),
                  typical(BASE, 20),
                  length("footMm", "across the foot", 70, Place.BELOW, "cavity.foot")),
              Vessels::vase),
          new StartingShape(
              "sphere",
              "sphere",
              "fitness_stones",
              "abs-shell",
              STONE,
              Layering.WHOLE,
              List.of(
                  length("openingMm", "across the opening", 120, Place.ABOVE, "cavity.flat"),
                  length("diameterMm", "across", 300, Place.RIGHT, "cavity.diameterMm")),
              Stones::sphere),
          new StartingShape(
              "plate",
              "plate with bore",
              "fitness_stones",
              "silicone",
              STONE,
              Layering.WHOLE,
              List.of(
                  length("diameterMm", "across", 450, Place.ABOVE, "cavity.diameterMm"),
                  typical(HEIGHT, 60).called("thick"),
                  length("boreMm", "bore", 51, Place.BELOW, "moreCores.0")),
              Stones::plate),
          new StartingShape(
              "hand-weight",
              "hand weight",
              "fitness_stones",
              "silicone",
              STONE,
              Layering.TWO_HEADS,
              List.of(
                  length("flatsMm", "head, across the flats", 180, Place.ABOVE, "cavity.across"),
                  typical(HEIGHT, 90).called("head thick"),
                  length("barMm", "bar, across", 30, Place.INSIDE_TOP, "inserts.0.diameterMm"),
                  length("letInMm", "bar let in", 60, Place.LEFT, "inserts.0.heightMm")),
              Stones::head),
          new StartingShape(
              PAVER_CODE,
              "paver, any outline",
              "pavers",
              "foam",
              PAVER,
              Layering.WHOLE,
              List.of(
                  typical(LENGTH, 400),
                  typical(HEIGHT, 50).called("thick"),
                  length("cornerMm", "corners rounded", 0, Place.LEFT, "cornerMm"),
                  typical(WIDTH, 300)),
              Flats::paver),
          new StartingShape(
              "frame",
              "open frame",
              "pavers",
              "frame",
              PAVER,
              Layering.WHOLE,
              List.of(
                  typical(LENGTH, 400), typical(HEIGHT, 50).called("thick"), typical(WIDTH, 400)),
              Flats::slab),
          new StartingShape(
              "board",
              "faced board",
              "trays",
              "melamine",
              List.of("faced", "white-neat"),
              Layering.FACE_AND_BACK,
              List.of(
                  typical(LENGTH, 450),
                  typical(HEIGHT, 25).called("thick"),
                  length("plugMm", "hole, across", 30, Place.INSIDE_TOP, "moreCores.0"),
                  length("footMm", "feet, across", 14, Place.LEFT_LOW, "moreCores."),
                  typical(WIDTH, 220)),
              Flats::board),
          new StartingShape(
              "drape",
              "draped cloth",
              "vessels",
              "cloth",
              List.of("drape"),
              Layering.WHOLE,
              List.of(
                  typical(LENGTH, 700).called("cloth, long"),
                  typical(HEIGHT, 8).called("it keeps, thick"),
                  typical(WIDTH, 700).called("cloth, wide")),
              Flats::cloth),
          new StartingShape(
              "kit",
              "kit mould, by water",
              "vessels",
              "silicone",
              List.of("rapid-neat-4-1", "white-neat", "sand-cement"),
              Layering.WHOLE,
              List.of(
                  new Measure(
                      "waterKg",
                      "water that fills it",
                      Dimension.MASS,
                      1,
                      Place.ABOVE,
                      List.of("cavity", "massKg")),
                  new Measure(
                      "innerL",
                      "its inner pot holds",
                      Dimension.VOLUME,
                      0,
                      Place.INSIDE_TOP,
                      List.of("coreL"))),
              Stones::byWater),
          new StartingShape(
              "kit-dry",
              "kit mould, by dry mix",
              "vessels",
              "silicone",
              List.of("rapid-neat-4-1", "white-neat", "sand-cement"),
              Layering.WHOLE,
              List.of(
                  new Measure(
                      "dryKg",
                      "dry mix that it takes",
                      Dimension.MASS,
                      1.4,
                      Place.ABOVE,
                      List.of("cavity", "massKg")),
                  new Measure(
                      "innerL",
                      "its inner pot holds",
                      Dimension.VOLUME,
                      0,
                      Place.INSIDE_TOP,
                      List.of("coreL"))),
              Stones::byDryMix));

  private StartingShapes() {}

  private static Measure typical(Measure of, double value) {
    return new Measure(of.name(), of.label(), of.dimension(), value, of.place(), of.fields());
  }

  public static List<StartingShape> shipped() {
    return SHIPPED;
  }

  public static Optional<StartingShape> find(String code) {
    return SHIPPED.stream().filter(s -> s.code().equals(code)).findFirst();
  }
}
