package ironshelf.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The search that runs, and for how long it is still to look; at most one. */
@Entity
@Table(name = "plan_searches")
class PlanSearchEntity {

  static final long ONLY_ID = 1;

  @Id private long id = ONLY_ID;
  private double secondsLeft;

  protected PlanSearchEntity() {}

  PlanSearchEntity(double secondsLeft) {
    this.secondsLeft = secondsLeft;
  }

  double secondsLeft() {
    return secondsLeft;
  }
}
