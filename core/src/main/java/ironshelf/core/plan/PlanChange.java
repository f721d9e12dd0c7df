package ironshelf.core.plan;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Builds a request that differs from another in some of its parts. */
public final class PlanChange {

  private final PlanRequest of;
  private OpenHours calendar;
  private int people;
  private List<PlanMould> moulds;
  private List<PlanStation> stations;
  private List<PlanProduct> products;
  private List<Demand> demands;
  private double secondsToSearch;
  private @Nullable List<BegunCast> begun;
  private @Nullable List<PinnedCast> pinned;

  PlanChange(PlanRequest of) {
    this.of = of;
    calendar = of.calendar();
    people = of.people();
    moulds = of.moulds();
    stations = of.stations();
    products = of.products();
    demands = of.demands();
    secondsToSearch = of.secondsToSearch();
    begun = of.begun();
    pinned = of.pinned();
  }

  public PlanChange calendar(OpenHours other) {
    calendar = other;
    return this;
  }

  public PlanChange people(int others) {
    people = others;
    return this;
  }

  /** Adds copies of a mould. */
  public PlanChange moreCopies(String mould, int more) {
    moulds =
        moulds.stream()
            .map(
                m ->
                    m.mould().equals(mould)
                        ? new PlanMould(mould, m.copies() + more, m.cavities(), m.washMin())
                        : m)
            .toList();
    return this;
  }

  public PlanChange stations(List<PlanStation> others) {
    stations = others;
    return this;
  }

  public PlanChange products(List<PlanProduct> others) {
    products = others;
    return this;
  }

  public PlanChange demands(List<Demand> others) {
    demands = others;
    return this;
  }

  public PlanChange secondsToSearch(double seconds) {
    secondsToSearch = seconds;
    return this;
  }

  public PlanChange begun(@Nullable List<BegunCast> others) {
    begun = others;
    return this;
  }

  public PlanChange pinned(@Nullable List<PinnedCast> others) {
    pinned = others;
    return this;
  }

  /** Returns the changed request. */
  public PlanRequest request() {
    return new PlanRequest(
        of.start(),
        calendar,
        people,
        moulds,
        stations,
        products,
        demands,
        secondsToSearch,
        begun,
        pinned,
        of.mixers(),
        of.recipes(),
        of.hourWeighs());
  }
}
