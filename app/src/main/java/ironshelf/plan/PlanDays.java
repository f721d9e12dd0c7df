package ironshelf.plan;

import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedRest;
import ironshelf.core.plan.CastPlan.Visit;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A plan read by day: works of a kind that follow on each other are one visit. */
final class PlanDays {

  /** Works of one kind with less than this between them are one stretch. */
  private static final long APART_MIN = 60;

  /** One work, and of what. */
  private record Work(
      Visit visit,
      String product,
      String colourway,
      String swatch,
      int pieces,
      int castNo,
      String mixKey) {

    LocalDateTime end() {
      return visit.at().plusMinutes(visit.minutes());
    }

    String kind() {
      // Of one recipe and colour several products are poured from one bowl.
      return castNo >= 0 ? visit.step() + mixKey : visit.step() + product + colourway;
    }
  }

  private PlanDays() {}

  static List<PlanView.DayView> of(
      PlanContent content, List<PlanView.PlannedCastView> named, Map<Integer, List<String>> lacks) {
    List<Work> works = new ArrayList<>();
    List<PlannedCast> casts = content.plan().casts();
    for (int no = 0; no < casts.size(); no++) {
      PlanView.PlannedCastView cast = named.get(no);
      for (Visit visit : casts.get(no).works()) {
        boolean pour = visit.at().equals(cast.pourAt());
        works.add(
            new Work(
                visit,
                cast.product(),
                cast.colourway(),
                cast.swatch(),
                cast.pieces(),
                pour ? no : -1,
                cast.mixKey()));
      }
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
                          -1,
                          "")));
    }
    works.sort(Comparator.comparing((Work w) -> w.visit().at()).thenComparing(Work::kind));
    Map<LocalDate, List<Work>> byDay = new TreeMap<>();
    works.forEach(
        w -> byDay.computeIfAbsent(w.visit().at().toLocalDate(), d -> new ArrayList<>()).add(w));
    return byDay.entrySet().stream()
        .map(e -> new PlanView.DayView(e.getKey(), visits(e.getValue(), lacks)))
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
    List<Integer> casts = works.stream().map(Work::castNo).filter(no -> no >= 0).toList();
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
            .toList());
  }
}
