package ironshelf.plan;

import ironshelf.core.material.Role;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.plan.needs.PourUse;
import ironshelf.plan.needs.UseOfCasts;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A day of the plan as somebody would write it up who gives out the work. */
@Service
@Transactional(readOnly = true)
class DaySheet {

  private final PlanReader reader;
  private final UseOfCasts uses;
  private final MaterialService materials;
  private final WorkshopService workshop;

  DaySheet(
      PlanReader reader, UseOfCasts uses, MaterialService materials, WorkshopService workshop) {
    this.reader = reader;
    this.uses = uses;
    this.materials = materials;
    this.workshop = workshop;
  }

  /**
   * A day.
   *
   * @param opens when people come in
   * @param people who work at once
   * @param mixerL that the mixer takes
   * @param visits all that is done, in the order of the clock
   * @param fetch what the day's mixes take, waste included, the most first; water is left out
   */
  record DayView(
      LocalDate date,
      LocalTime opens,
      LocalTime closes,
      int people,
      double mixerL,
      List<PlanView.VisitView> visits,
      List<Fetched> fetch) {}

  /** A material to be fetched. */
  record Fetched(long materialId, String material, double massKg) {}

  DayView day(LocalDate date) {
    PlanView plan = reader.view();
    List<PlanView.VisitView> visits =
        plan.days().stream()
            .filter(d -> d.date().equals(date))
            .findFirst()
            .map(PlanView.PlannedDay::visits)
            .orElseThrow(() -> ProblemException.unknown("planned day", date));
    WorkshopView shop = workshop.view();
    return new DayView(
        date,
        shop.hours().opens(),
        shop.hours().closes(),
        shop.people(),
        shop.mixerL(),
        visits,
        fetch(date));
  }

  private List<Fetched> fetch(LocalDate date) {
    Map<Long, Double> kg = new TreeMap<>();
    List<PourUse> own =
        reader.pourUses().stream().filter(p -> p.at().toLocalDate().equals(date)).toList();
    uses.of(own).values().forEach(u -> u.forEach((id, m) -> kg.merge(id, m, Double::sum)));
    Map<Long, MaterialView> named = materials.byIds(kg.keySet());
    return kg.entrySet().stream()
        .filter(e -> named.get(e.getKey()).role() != Role.WATER)
        .map(e -> new Fetched(e.getKey(), named.get(e.getKey()).name(), e.getValue()))
        .sorted(Comparator.comparingDouble(Fetched::massKg).reversed())
        .toList();
  }
}
