package ironshelf.core.mould.wear;

import ironshelf.core.mould.WallKind;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.List;
import java.util.Map;

/**
 * What a mould is made of, and what follows from it for its use.
 *
 * @param code short name in lower case, unique
 * @param expectedCasts until it is worn, where the shop's own count does not say better
 * @param release agents that may be used on it
 * @param forbidden agents that harm it or do not let go
 * @param preparation in order, before each cast
 */
public record MouldKind(
    String code,
    String name,
    WallKind wallKind,
    int expectedCasts,
    List<String> release,
    List<String> forbidden,
    List<String> preparation,
    String source) {

  public MouldKind {
    new Findings()
        .text("code", code, 40)
        .text("name", name, 80)
        .present("wallKind", wallKind)
        .within("expectedCasts", expectedCasts, 1, 100_000)
        .list("preparation", preparation, 20)
        .text("source", source, 200)
        .orRefuse();
    release = List.copyOf(release);
    forbidden = List.copyOf(forbidden);
    preparation = List.copyOf(preparation);
  }

  /** Returns what is wrong with faces prepared so; empty where nothing is. */
  public List<Finding> judge(List<Face> faces) {
    Findings findings = new Findings();
    for (int i = 0; i < faces.size(); i++) {
      Face face = faces.get(i);
      String field = "faces." + i + ".release";
      if (face.release() == null) {
        continue;
      }
      findings.addIf(
          face.mustBond(),
          FindingCode.RELEASE_ON_BOND,
          field,
          Map.of("value", face.release(), "face", face.name()));
      findings.addIf(
          release.isEmpty(),
          FindingCode.RELEASE_NONE,
          field,
          Map.of("value", face.release(), "kind", name));
      findings.addIf(
          forbidden.contains(face.release()),
          FindingCode.RELEASE_FORBIDDEN,
          field,
          Map.of("value", face.release(), "kind", name, "allowed", String.join(", ", release)));
      findings.addIf(
          !release.contains(face.release()),
          FindingCode.RELEASE_UNKNOWN,
          field,
          Map.of("value", face.release(), "kind", name, "allowed", String.join(", ", release)));
    }
    return findings.toList();
  }
}
