package ironshelf.core.pour.script;

import static java.util.Objects.requireNonNull;

import ironshelf.core.pour.script.PourState.BatchState;
import ironshelf.core.pour.script.PourState.Bowl;
import ironshelf.core.pour.script.PourState.CopyState;
import ironshelf.core.pour.script.PourState.Fill;
import ironshelf.core.pour.script.PourState.MixState;
import ironshelf.core.pour.script.Tallies.BatchTally;
import ironshelf.core.pour.script.Tallies.CopyTally;
import ironshelf.core.pour.script.Tallies.MixTally;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What follows from a sheet and the facts of a pour. The same sheet and facts give the same state;
 * a fact that is repeated changes nothing; one that is taken back never was.
 *
 * <p>Refused, all at once, each under {@code facts.n}: a key that stands for two different facts, a
 * name that is not there, filling a copy that is full or left out, filling from a bowl that is dry,
 * empty or holds less, anything after the pour was recorded or abandoned, recording while a copy is
 * neither filled nor left out, taking back what a later fact builds on. Not promised: that a mould
 * is as full as its maker says.
 *
 * @param facts each once, in the order in which they were noted
 */
public record PourScript(PourSheet sheet, List<PourFact> facts, PourState state) {

  private static final int MOST_FACTS = 5_000;

  public PourScript {
    facts = List.copyOf(facts);
  }

  /**
   * @param facts up to 5 000
   * @throws RefusedException with all that cannot be
   */
  public static PourScript of(PourSheet sheet, List<PourFact> facts) {
    Findings findings = new Findings().present("sheet", sheet).present("facts", facts);
    if (facts != null && !facts.isEmpty()) {
      findings.list("facts", facts, MOST_FACTS);
    }
    findings.orRefuse();
    List<PourFact> once = once(findings, facts);
    findings.orRefuse();
    Ledger ledger = new Ledger(sheet);
    Set<String> gone = PourFact.takenBack(once);
    for (int i = 0; i < once.size(); i++) {
      if (PourFact.stands(once.get(i), gone)) {
        ledger.take("facts." + i, once.get(i));
      }
    }
    ledger.findings.orRefuse();
    return new PourScript(sheet, once, state(ledger));
  }

  /** The same with further facts. */
  public PourScript plus(List<PourFact> more) {
    List<PourFact> all = new ArrayList<>(facts);
    all.addAll(more);
    return of(sheet, all);
  }

  /** Each fact once; notes keys that stand for two, and what is taken back but not there. */
  private static List<PourFact> once(Findings findings, List<PourFact> facts) {
    Map<String, PourFact> byKey = new LinkedHashMap<>();
    for (int i = 0; i < facts.size(); i++) {
      PourFact fact = facts.get(i);
      PourFact known = byKey.putIfAbsent(fact.key(), fact);
      if (known != null && !known.equals(fact)) {
        findings.addIf(true, FindingCode.POUR_KEY_REUSED, "facts." + i, Map.of("name", fact.key()));
      }
      if (known == null && fact.what() instanceof What.TakenBack back) {
        PourFact gone = byKey.get(back.fact());
        findings.addIf(
            gone == null || gone.what() instanceof What.TakenBack,
            FindingCode.POUR_NAME_UNKNOWN,
            "facts." + i,
            Map.of("kind", "fact", "name", back.fact()));
      }
    }
    return List.copyOf(byKey.values());
  }

  private static PourState state(Ledger ledger) {
    Bowl bowl = bowl(ledger);
    return new PourState(
        ledger.status,
        bowl,
        ledger.batches.values().stream().map(PourScript::batch).toList(),
        ledger.copies.values().stream().map(c -> copy(ledger, c)).toList(),
        Path.of(ledger),
        clock(ledger),
        ledger.filledAny ? ledger.fillingMinutes : null,
        List.copyOf(ledger.lost),
        Advisor.of(ledger, bowl));
  }

  private static Bowl bowl(Ledger ledger) {
    double in = ledger.weighedKg();
    double out = ledger.copies.values().stream().mapToDouble(CopyTally::kg).sum();
    double thrown = ledger.mixes.values().stream().mapToDouble(m -> m.thrownKg).sum();
    double bySum = ledger.batches.values().stream().mapToDouble(BatchTally::leftKg).sum();
    double left = ledger.left == null ? bySum : ledger.left.kg();
    double litres = ledger.mixes.values().stream().mapToDouble(m -> m.ownL).sum();
    boolean measured = ledger.left != null && ledger.left.source() != Source.ASSUMED;
    return new Bowl(in, out, left, measured, thrown, in - out - left - thrown, litres);
  }

  private static BatchState batch(BatchTally batch) {
    return new BatchState(
        batch.key,
        batch.colour,
        batch.inKg(),
        batch.leftKg(),
        batch.leftL(),
        batch.lostKg(),
        batch.mixes.stream().allMatch(MixTally::isMeasured),
        batch.mixes.stream()
            .map(
                m ->
                    new MixState(
                        m.key,
                        m.inKg(),
                        m.splitKg,
                        m.inL(),
                        m.wettedAt,
                        contents(m),
                        own(m),
                        assumed(m)))
            .toList());
  }

  /** What is in a bowl, by material; what was split off another has the other's proportions. */
  private static Map<String, Double> contents(MixTally mix) {
    Map<String, Double> kg = new LinkedHashMap<>();
    if (mix.from != null && mix.from.inKg() > 0) {
      double part = mix.fromKg / mix.from.inKg();
      contents(mix.from).forEach((material, all) -> kg.merge(material, all * part, Double::sum));
    }
    own(mix).forEach((material, own) -> kg.merge(material, own, Double::sum));
    return kg;
  }

  private static Map<String, Double> own(MixTally mix) {
    Map<String, Double> kg = new LinkedHashMap<>();
    mix.lines.forEach(l -> kg.merge(l.line.material(), l.kg, Double::sum));
    mix.extras.forEach(e -> kg.merge(e.material(), e.kg(), Double::sum));
    return kg;
  }

  /** A bowl that was split off has what nobody measured of the other. */
  private static List<String> assumed(MixTally mix) {
    Set<String> assumed = new TreeSet<>(mix.from == null ? List.of() : assumed(mix.from));
    mix.lines.stream().filter(l -> !l.measured).forEach(l -> assumed.add(l.line.material()));
    mix.extras.stream()
        .filter(e -> e.source() == Source.ASSUMED)
        .forEach(e -> assumed.add(e.material()));
    return List.copyOf(assumed);
  }

  private static CopyState copy(Ledger ledger, CopyTally copy) {
    Set<String> batches = new TreeSet<>();
    for (BatchTally batch : ledger.batches.values()) {
      if (batch.fed(copy.copy.key())) {
        batches.add(batch.key);
      }
    }
    return new CopyState(
        copy.copy.key(),
        copy.full ? Fill.FULL : copy.isEmpty() ? Fill.EMPTY : Fill.PART,
        copy.kg(),
        copy.litres(),
        copy.cavities,
        copy.kgByMix(),
        copy.measured && !copy.isEmpty(),
        copy.added,
        batches.size() > 1,
        copy.leftOut);
  }

  /** Of the batch that was wetted last, unless all that it was for is done. */
  private static PourState.@Nullable Clock clock(Ledger ledger) {
    BatchTally at = null;
    for (BatchTally batch : ledger.batches.values()) {
      boolean wet = batch.mixes.stream().anyMatch(m -> m.wettedAt != null);
      at = wet && !batch.tapped ? batch : at;
    }
    if (at == null || ledger.status != PourState.Status.OPEN) {
      return null;
    }
    Instant wetted =
        at.mixes.stream()
            .map(m -> m.wettedAt)
            .filter(java.util.Objects::nonNull)
            .min(Instant::compareTo)
            .orElseThrow();
    Duration working = Duration.ofMillis(Math.round(ledger.sheet.workingMinutes() * 60_000));
    return new PourState.Clock(at.key, wetted, requireNonNull(wetted).plus(working));
  }
}
