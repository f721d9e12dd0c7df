package ironshelf.plan;

import ironshelf.core.plan.CastPlan.PlanBatch;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedRest;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.plan.basis.PlanContent;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** A plan read by day: works of a kind that follow on each other are one visit. */
final class PlanDays {

  /** Works of one kind with less than this between them are one stretch. */
  private static final long APART_MIN = 60;

  /** What a helper does; no step of any route. */
  private static final String FILL_BESIDE = "fill beside";

  /** One work, and of what. */
  private record Work(
      Visit visit,
      String product,
      String colourway,
      String swatch,
      int pieces,
      List<Integer> casts,
      String mixKey,
      @Nullable Double litres) {

    LocalDateTime end() {
      return visit.at().plusMinutes(visit.minutes());
    }

    String kind() {
      // A mix is one by itself; what people do is told apart by who does it.
      String who = visit.person() + visit.step();
      return litres != null
          ? "mix " + casts
          : casts.isEmpty() ? who + product + colourway : who + mixKey;
    }
  }

  private PlanDays() {}

  static List<PlanView.PlannedDay> of(
      PlanContent content, List<PlanView.PlannedCastView> named, Map<Integer, List<String>> lacks) {
    List<Work> works = new ArrayList<>();
    List<PlannedCast> casts = content.plan().casts();
    for (int no = 0; no < casts.size(); no++) {
      PlanView.PlannedCastView cast = named.get(no);
      for (Visit visit : casts.get(no).works()) {
        boolean pour = visit.at().equals(cast.pourAt());
        if (pour && casts.get(no).batch() != null) {
          continue;
        }
        works.add(
            new Work(
                visit,
                cast.product(),
                cast.colourway(),
                cast.swatch(),
                cast.pieces(),
                pour ? List.of(no) : List.of(),
                cast.mixKey(),
                null));
      }
    }
    for (PlanBatch batch : content.plan().mixes()) {
      Work mix = mix(batch, named);
      works.add(mix);
      works.addAll(helping(batch, mix, content));
    }
    for (PlannedRest rest : content.plan().begun()) {
      PlanContent.BegunPieces what = content.begun().get(rest.name());
      rest.works()
          .forEach(
              v ->
                  works.add(
                      new Work(
                          v,
                          what.product(),
                          what.colourway(),
                          what.swatch(),
                          what.pieces(),
                          List.of(),
                          "",
                          null)));
    }
    works.sort(Comparator.comparing((Work w) -> w.visit().at()).thenComparing(Work::kind));
    Map<LocalDate, List<Work>> byDay = new TreeMap<>();
    works.forEach(
        w -> byDay.computeIfAbsent(w.visit().at().toLocalDate(), d -> new ArrayList<>()).add(w));
    return byDay.entrySet().stream()
        .map(e -> new PlanView.PlannedDay(e.getKey(), visits(e.getValue(), lacks)))
        .toList();
  }

  /** One mix with all that is done for it. */
  private static Work mix(PlanBatch batch, List<PlanView.PlannedCastView> named) {
    List<PlanView.PlannedCastView> filled = batch.casts().stream().map(named::get).toList();
    PlanView.PlannedCastView first = filled.get(0);
    return new Work(
        new Visit("pour", batch.startsAt(), batch.minutes(), batch.person()),
        String.join(
            " and ", filled.stream().map(PlanView.PlannedCastView::product).distinct().toList()),
        first.colourway(),
        first.swatch(),
        filled.stream().mapToInt(PlanView.PlannedCastView::pieces).sum(),
        batch.casts(),
        first.mixKey(),
        batch.litres());
  }

  /** Who fills beside, from the first filling to the end of the last. */
  private static List<Work> helping(PlanBatch batch, Work mix, PlanContent content) {
    if (batch.helpers() == null) {
      return List.of();
    }
    List<Visit> fills =
        batch.casts().stream().map(no -> content.plan().casts().get(no).works().get(0)).toList();
    LocalDateTime from = fills.get(0).at();
    LocalDateTime until =
        fills.stream()
            .map(f -> f.at().plusMinutes(f.minutes()))
            .max(LocalDateTime::compareTo)
            .orElse(from);
    long minutes = ChronoUnit.MINUTES.between(from, until);
    return batch.helpers().stream()
        .map(
            helper ->
                new Work(
                    new Visit(FILL_BESIDE, from, minutes, helper),
                    mix.product(),
                    mix.colourway(),
                    mix.swatch(),
                    mix.pieces(),
                    List.of(),
                    mix.mixKey(),
                    null))
        .toList();
  }

  private static List<PlanView.VisitView> visits(List<Work> day, Map<Integer, List<String>> lacks) {
    Map<String, List<Work>> open = new TreeMap<>();
    List<List<Work>> stretches = new ArrayList<>();
    for (Work work : day) {
      List<Work> last = open.get(work.kind());
      boolean follows =
          last != null
              && !last.get(last.size() - 1)
                  .end()
                  .plusMinutes(APART_MIN)
                  .isBefore(work.visit().at());
      if (last == null || !follows) {
        last = new ArrayList<>();
        open.put(work.kind(), last);
        stretches.add(last);
      }
      last.add(work);
    }
    return stretches.stream().map(s -> visit(s, lacks)).toList();
  }

  private static PlanView.VisitView visit(List<Work> works, Map<Integer, List<String>> lacks) {
    Work first = works.get(0);
    List<Integer> casts = works.stream().flatMap(w -> w.casts().stream()).toList();
    return new PlanView.VisitView(
        first.visit().step(),
        first.visit().at(),
        works.stream().mapToLong(w -> w.visit().minutes()).sum(),
        String.join(" and ", works.stream().map(Work::product).distinct().toList()),
        first.colourway(),
        first.swatch(),
        works.stream().mapToInt(Work::pieces).sum(),
        casts,
        casts.stream()
            .flatMap(no -> lacks.getOrDefault(no, List.of()).stream())
            .distinct()
            .toList(),
        first.visit().person(),
        first.litres());
  }
}
