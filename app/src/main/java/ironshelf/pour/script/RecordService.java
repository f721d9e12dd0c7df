package ironshelf.pour.script;

import ironshelf.act.ActService;
import ironshelf.core.pour.script.PourFact;
import ironshelf.core.pour.script.PourSheet;
import ironshelf.core.pour.script.PourSheet.PlannedBatch;
import ironshelf.core.pour.script.PourSheet.PlannedLine;
import ironshelf.core.pour.script.PourSheet.PlannedMix;
import ironshelf.core.pour.script.Source;
import ironshelf.core.pour.script.What;
import ironshelf.core.quantity.Findings;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.pour.Meant;
import ironshelf.pour.PourReader;
import ironshelf.pour.PourView;
import ironshelf.pour.SheetKeys;
import ironshelf.pour.sheet.MeantService;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Records a pour that was made away from the screen: the same facts as at a bench, all at once.
 * What went in of a material is shared over the batches as the sheet asks for it.
 */
@Service
@Transactional
public class RecordService {

  private final SessionService sessions;
  private final MeantService meanings;
  private final PourReader reader;
  private final MaterialService materials;
  private final ActService acts;

  RecordService(
      SessionService sessions,
      MeantService meanings,
      PourReader reader,
      MaterialService materials,
      ActService acts) {
    this.sessions = sessions;
    this.meanings = meanings;
    this.reader = reader;
    this.materials = materials;
    this.acts = acts;
  }

  /** Records it, once for its key. */
  public PourView poured(String key, PourRequest request, Instant at) {
    // The store keeps microseconds; so does what follows from it.
    Instant poured = request.pouredAt() == null ? at : request.pouredAt();
    if (poured.isAfter(at)) {
      throw ProblemException.bad("pour.notYet", Map.of("at", poured));
    }
    Instant kept = poured.truncatedTo(ChronoUnit.MICROS);
    return reader.view(acts.once(key, "pour", () -> record(request, kept)));
  }

  private long record(PourRequest request, Instant at) {
    Map<Long, Long> lines = new HashMap<>();
    Map<Long, Long> seen = new HashMap<>();
    for (PourRequest.PouredFill fill : request.fills()) {
      seen.putAll(fill.versions());
      if (fill.productId() != null && fill.lineId() != null) {
        lines.put(fill.productId(), fill.lineId());
      }
    }
    Meant meant = meanings.meant(request.sheet(), lines, seen, at, request.earlyReason());
    List<PourFact> facts = facts(meant.sheet(), wentIn(meant.sheet(), request), request, at);
    PourSession session = sessions.open(meant, null, at);
    sessions.note(
        session,
        facts,
        Double.isNaN(request.fillingMin()) ? null : request.fillingMin(),
        Boolean.TRUE.equals(request.acceptShort()),
        at);
    return session.pourId();
  }

  /** What went in of each material of each layer; says all that is missing or too many. */
  private List<Map<String, Double>> wentIn(PourSheet sheet, PourRequest request) {
    Findings findings = new Findings();
    List<Map<String, Double>> all = new ArrayList<>();
    for (int layer = 0; layer < sheet.layers().size(); layer++) {
      Map<Long, Double> actual =
          layer < request.layers().size() ? request.layers().get(layer).actualKg() : Map.of();
      Map<String, Double> byMaterial = new LinkedHashMap<>();
      actual.forEach((id, kg) -> byMaterial.put(SheetKeys.key(id), kg));
      for (String material : asked(sheet, layer)) {
        if (!byMaterial.containsKey(material)) {
          findings.missing("layers." + layer + ".weighOuts." + name(material));
        }
      }
      all.add(byMaterial);
    }
    findings.orRefuse();
    for (int layer = 0; layer < all.size(); layer++) {
      Set<String> asked = asked(sheet, layer);
      for (String material : all.get(layer).keySet()) {
        if (!asked.contains(material)) {
          throw ProblemException.conflict("weighOut.unknown", Map.of("material", name(material)));
        }
      }
    }
    return all;
  }

  private String name(String material) {
    return materials.byId(SheetKeys.id(material)).name();
  }

  private static Set<String> asked(PourSheet sheet, int layer) {
    Set<String> asked = new LinkedHashSet<>();
    for (PlannedBatch batch : sheet.batches()) {
      batch.mixes().get(layer).lines().forEach(l -> asked.add(l.material()));
    }
    return asked;
  }

  private static List<PourFact> facts(
      PourSheet sheet, List<Map<String, Double>> wentIn, PourRequest request, Instant at) {
    List<What> whats = new ArrayList<>();
    for (PlannedBatch batch : sheet.batches()) {
      for (int layer = 0; layer < batch.mixes().size(); layer++) {
        PlannedMix mix = batch.mixes().get(layer);
        for (PlannedLine line : mix.lines()) {
          double all = askedKg(sheet, layer, line.material());
          double share = all > 0 ? line.askedKg() / all : 0;
          double kg = wentIn.get(layer).getOrDefault(line.material(), 0.0) * share;
          boolean assumed = request.layers().get(layer).isAssumed(SheetKeys.id(line.material()));
          Source source = assumed ? Source.ASSUMED : Source.TYPED;
          whats.add(new What.WeighedIn(line.key(), kg, source, false));
        }
        whats.add(new What.Wetted(mix.key()));
      }
      for (PourSheet.PlannedPortion portion : batch.portions()) {
        boolean last = isLast(sheet, batch, portion.copy());
        whats.add(new What.Filled(portion.copy(), batch.key(), last, null, null, null));
      }
      whats.add(new What.Tapped(batch.key()));
    }
    if (!Double.isNaN(request.leftKg())) {
      whats.add(new What.LeftWeighed(request.leftKg(), Source.TYPED));
    }
    whats.add(new What.Recorded());
    List<PourFact> facts = new ArrayList<>();
    for (What what : whats) {
      facts.add(new PourFact("r" + facts.size(), at, null, null, what));
    }
    return facts;
  }

  private static double askedKg(PourSheet sheet, int layer, String material) {
    return sheet.batches().stream()
        .flatMap(b -> b.mixes().get(layer).lines().stream())
        .filter(l -> l.material().equals(material))
        .mapToDouble(PlannedLine::askedKg)
        .sum();
  }

  /** Whether no later batch goes into the same copy. */
  private static boolean isLast(PourSheet sheet, PlannedBatch batch, String copy) {
    int at = sheet.batches().indexOf(batch);
    return sheet.batches().stream()
        .skip(at + 1L)
        .flatMap(b -> b.portions().stream())
        .noneMatch(p -> p.copy().equals(copy));
  }
}
