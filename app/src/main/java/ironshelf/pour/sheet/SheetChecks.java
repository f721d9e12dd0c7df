package ironshelf.pour.sheet;

import ironshelf.copy.CopyView;
import ironshelf.core.mould.wear.Face;
import ironshelf.http.problem.Catalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What is looked at before a pour, in words: the moulds, and what protects the hands and lungs. */
@Component
class SheetChecks {

  /** Keys of the checks, in order. */
  static final List<String> KEYS = List.of("moulds", "protection");

  private static final List<String> PROTECTION =
      List.of("check.gloves", "check.mask", "check.goggles", "check.dataSheet");

  private final Catalogue catalogue;

  SheetChecks(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  List<SheetView.SheetCheck> of(Chosen chosen, List<SheetView.SheetFill> fills) {
    return List.of(
        new SheetView.SheetCheck(
            KEYS.get(0), chosen.firstLayer() == 0 ? moulds(fills) : below(chosen)),
        new SheetView.SheetCheck(
            KEYS.get(1), PROTECTION.stream().map(code -> say(code, Map.of())).toList()));
  }

  private List<String> moulds(List<SheetView.SheetFill> fills) {
    List<String> lines = new ArrayList<>();
    for (SheetView.SheetFill fill : fills) {
      for (String line : mould(fill)) {
        lines.add(
            fills.size() > 1
                ? say("check.ofMould", Map.of("mould", fill.mould(), "line", line))
                : line);
      }
    }
    return lines;
  }

  private List<String> mould(SheetView.SheetFill fill) {
    List<String> lines = new ArrayList<>();
    List<String> due =
        fill.copies().stream()
            .map(SheetView.SheetCopy::copy)
            .filter(CopyView::washDue)
            .map(CopyView::code)
            .toList();
    if (!due.isEmpty()) {
      lines.add(say("check.wash", Map.of("copies", String.join(" ", due))));
    }
    lines.addAll(fill.preparation());
    fill.faces().forEach(face -> lines.add(face(face)));
    if (fill.holdDownKg() > 0) {
      lines.add(say("check.holdDown", Map.of("value", fill.holdDownKg())));
    }
    return lines;
  }

  private String face(Face face) {
    if (face.mustBond()) {
      return say("check.mustBond", Map.of("face", face.name()));
    }
    String release = face.release();
    return release == null
        ? say("check.noRelease", Map.of("face", face.name()))
        : say("check.release", Map.of("face", face.name(), "release", sentence(release)));
  }

  private List<String> below(Chosen chosen) {
    return List.of(
        say("check.stiff", Map.of("layer", chosen.session().get(0).name())),
        say("check.damp", Map.of()));
  }

  private String say(String code, Map<String, Object> params) {
    return catalogue.say(code, "", params);
  }

  private static String sentence(String words) {
    return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
  }
}
