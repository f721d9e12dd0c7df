package ironshelf.demo;

import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyRequest;
import ironshelf.copy.CopyService;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.PlacedCore;
import ironshelf.core.mould.planar.ReadyOutline;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cone;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Outline;
import ironshelf.core.mould.solid.PolygonPrism;
import ironshelf.core.mould.solid.Pyramid;
import ironshelf.core.mould.solid.Revolved;
import ironshelf.core.mould.solid.Sphere;
import ironshelf.core.mould.wear.Face;
import ironshelf.mould.Family;
import ironshelf.mould.MouldService;
import ironshelf.mould.NewMould;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The demo's moulds and their copies. */
@Component
class DemoMoulds {

  private static final List<String> NESTED =
      List.of(
          "Clean; lips free of old crumbs",
          "Release agent on both faces, pools wiped off",
          "Core on its spacers, centred",
          "Weight on the core",
          "Level both ways");
  private static final List<Face> BOTH_FACES =
      List.of(new Face("wall", false, "soapy water"), new Face("core", false, "soapy water"));

  private final MouldService moulds;
  private final CopyService copies;
  private final Clock clock;

  DemoMoulds(MouldService moulds, CopyService copies, Clock clock) {
    this.moulds = moulds;
    this.copies = copies;
    this.clock = clock;
  }

  long bowl() {
    MouldShape shape =
        new MouldShape(
            new Cone(160, 120, 150),
            new Cone(130, 96, 135),
            15,
            2,
            List.of(),
            1,
            List.of(),
            List.of());
    long id =
        add(
            "Ripple bowl",
            Family.VESSELS,
            "silicone-jacketed",
            shape,
            0.15,
            8,
            NESTED,
            BOTH_FACES,
            "92.00");
    copies(id, "R", "rack A", 211, 188, 190, 231, 97, 96, 12, 12);
    return id;
  }

  long cup() {
    MouldShape shape = MouldShape.of(new Cone(84, 70, 78), new Cone(64, 52, 70), 8);
    long id =
        add(
            "Tea-light cup",
            Family.VESSELS,
            "silicone",
            shape,
            0.05,
            8,
            NESTED,
            BOTH_FACES,
            "31.50");
    copies(id, "T", "rack A", 61, 61, 60, 60, 60, 58, 22, 22, 21, 21);
    return id;
  }

  long vase() {
    Revolved outer =
        new Revolved(
            List.of(
                new Revolved.Turn(0, 0),
                new Revolved.Turn(40, 0),
                new Revolved.Turn(49, 35),
                new Revolved.Turn(52, 65),
                new Revolved.Turn(46, 105),
                new Revolved.Turn(40, 145),
                new Revolved.Turn(42, 175),
                new Revolved.Turn(48, 200),
                new Revolved.Turn(0, 200)));
    MouldShape shape = MouldShape.of(outer, new Cone(58, 50, 190), 12);
    long id =
        add(
            "Reed vase",
            Family.VESSELS,
            "silicone-jacketed",
            shape,
            0.2,
            8,
            NESTED,
            BOTH_FACES,
            "78.00");
    copies(id, "V", "rack B", 140, 139, 75, 75);
    return id;
  }

  long tray() {
    long id =
        add(
            "Tide tray",
            Family.TRAYS,
            "silicone",
            MouldShape.of(new Box(280, 120, 24), null, 0),
            0,
            0,
            List.of("Clean; corners free of crumbs", "Soapy water, left wet", "Level both ways"),
            List.of(new Face("tray", false, "soapy water")),
            "44.00");
    copies(id, "D", "rack B", 88, 88, 51, 50, 12, 11);
    return id;
  }

  long stone(String name) {
    long id =
        add(
            name,
            Family.FITNESS_STONES,
            "abs-shell",
            MouldShape.of(new Sphere(264, 110), null, 0),
            0,
            0,
            null,
            List.of(new Face("shell", false, "paste wax")),
            "58.00");
    copies(id, "S", "floor", 33, 31);
    return id;
  }

  long plate(String name) {
    MouldShape shape =
        new MouldShape(
            new Cylinder(400, 80),
            null,
            0,
            0,
            List.of(),
            1,
            List.of(new PlacedCore(new Cylinder(51, 80), 0, 0, 0)),
            List.of());
    long id =
        add(
            name,
            Family.FITNESS_STONES,
            "abs-shell",
            shape,
            0.1,
            20,
            List.of("Clean; lips free of old mix", "Bore plug upright and waxed", "Dish level"),
            List.of(
                new Face("dish", false, "paste wax"), new Face("bore plug", false, "paste wax")),
            "36.00");
    copies(id, "P", "floor", 14, 14, 9, 9);
    return id;
  }

  long hexTile() {
    long id =
        add(
            "Hex tile",
            Family.PAVERS,
            "silicone",
            MouldShape.of(new PolygonPrism(6, 220, 45), null, 0),
            0,
            0,
            null,
            List.of(new Face("tile", false, "cooking oil")),
            "29.00");
    copies(id, "H", "rack C", 44, 44, 44, 40, 40, 12);
    return id;
  }

  long boatStone() {
    long id =
        add(
            "Boat stepping stone",
            Family.PAVERS,
            "foam",
            MouldShape.of(new Outline(new ReadyOutline.Boat(460, 240).points(), 52), null, 0),
            0,
            0,
            null,
            List.of(new Face("cut face", false, "soapy water")),
            "6.00");
    copies(id, "B", "rack C", 3, 1);
    return id;
  }

  long lantern() {
    MouldShape shape =
        new MouldShape(
            new Pyramid(150, 150, 110, 110, 120),
            null,
            0,
            0,
            List.of(),
            1,
            List.of(
                new PlacedCore(new Pyramid(104, 104, 84, 84, 90), 30, 0, 0),
                new PlacedCore(new Cylinder(14, 29), 0, 0, 0)),
            List.of());
    long id =
        add(
            "Lantern base",
            Family.LAMPS,
            "silicone",
            shape,
            0.4,
            12,
            NESTED,
            List.of(
                new Face("wall", false, "silicone spray"),
                new Face("core", false, "silicone spray"),
                new Face("thread insert", true, null)),
            "54.00");
    copies(id, "L", "rack B", 18, 17);
    return id;
  }

  private long add(
      String name,
      Family family,
      String kind,
      MouldShape shape,
      double coreMassKg,
      double leastWallMm,
      @Nullable List<String> preparation,
      List<Face> faces,
      String price) {
    return moulds.add(
        new NewMould(
            name,
            family,
            kind,
            null,
            shape,
            coreMassKg,
            leastWallMm,
            preparation,
            faces,
            new BigDecimal(price)));
  }

  private void copies(long mouldId, String letter, String place, int... castsBefore) {
    LocalDate today = LocalDate.now(clock);
    for (int i = 0; i < castsBefore.length; i++) {
      String code = letter + (i + 1);
      long copy =
          moulds.addCopy(
              mouldId,
              new CopyRequest(
                  code,
                  castsBefore[i],
                  place,
                  today.minusDays(30 + 2L * castsBefore[i]),
                  null,
                  null));
      if ("R4".equals(code)) {
        copies.mark(
            copy, 0, CopyCondition.MEND, "five voids under the lip in 40 casts", clock.instant());
      }
    }
  }
}
