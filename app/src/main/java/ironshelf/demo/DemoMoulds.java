package ironshelf.demo;

import ironshelf.core.mould.Box;
import ironshelf.core.mould.Cone;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.Sphere;
import ironshelf.core.mould.WallKind;
import ironshelf.mould.CopyCondition;
import ironshelf.mould.MouldService;
import ironshelf.mould.NewMould;
import java.util.List;
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

  private final MouldService moulds;

  DemoMoulds(MouldService moulds) {
    this.moulds = moulds;
  }

  long bowl() {
    MouldShape shape =
        new MouldShape(new Cone(160, 120, 150), new Cone(130, 96, 135), 15, 2, List.of(), 1);
    long id =
        moulds.add(
            new NewMould(
                "Ripple bowl",
                "vessels",
                "jacketed silicone",
                WallKind.JACKETED,
                shape,
                0.15,
                8,
                250,
                NESTED));
    copies(id, "R", 211, 188, 190, 231, 97, 96, 12, 12);
    return id;
  }

  long cup() {
    MouldShape shape = MouldShape.of(new Cone(84, 70, 78), new Cone(64, 52, 70), 8);
    long id =
        moulds.add(
            new NewMould(
                "Tea-light cup",
                "vessels",
                "silicone",
                WallKind.SOFT,
                shape,
                0.05,
                8,
                200,
                NESTED));
    copies(id, "T", 61, 61, 60, 60, 60, 58, 22, 22, 21, 21);
    return id;
  }

  long vase() {
    MouldShape shape = MouldShape.of(new Cone(96, 84, 200), new Cone(74, 66, 190), 12);
    long id =
        moulds.add(
            new NewMould(
                "Reed vase",
                "vessels",
                "jacketed silicone",
                WallKind.JACKETED,
                shape,
                0.2,
                8,
                300,
                NESTED));
    copies(id, "V", 140, 139, 75, 75);
    return id;
  }

  long tray() {
    long id =
        moulds.add(
            new NewMould(
                "Tide tray",
                "trays",
                "silicone",
                WallKind.SOFT,
                MouldShape.of(new Box(280, 120, 24), null, 0),
                0,
                0,
                200,
                List.of(
                    "Clean; corners free of crumbs", "Soapy water, left wet", "Level both ways")));
    copies(id, "D", 88, 88, 51, 50);
    return id;
  }

  long stone() {
    long id =
        moulds.add(
            new NewMould(
                "Carry stone 20 kg",
                "fitness stones",
                "ABS shell, two parts",
                WallKind.SPLIT,
                MouldShape.of(new Sphere(260, 110), null, 0),
                0,
                0,
                200,
                List.of(
                    "Clean; old mix off both lips",
                    "Paste wax, wiped thin",
                    "Seam taped or tied, looked at from inside",
                    "Shell in its ring, level")));
    copies(id, "S", 33, 31);
    return id;
  }

  private void copies(long mouldId, String letter, int... castsBefore) {
    for (int i = 0; i < castsBefore.length; i++) {
      long copy = moulds.addCopy(mouldId, letter + (i + 1), castsBefore[i]);
      if ("R4".equals(letter + (i + 1))) {
        moulds.setCondition(copy, CopyCondition.MEND);
      }
    }
  }
}
