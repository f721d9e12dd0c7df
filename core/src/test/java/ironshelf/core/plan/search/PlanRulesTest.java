package ironshelf.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;

import ironshelf.core.plan.Objective;
import ironshelf.core.plan.Objective.Breaches;
import org.junit.jupiter.api.Test;

/** A penalty a rule, below 0 where it is not kept. */
class PlanRulesTest {

  @Test
  void eachRuleHasItsPenalty() {
    Objective bad = new Objective(new Breaches(1, 2, 3), 4.25, 5.5, 6L, 7L, 8L, 1.0, 9, 10, 11);
    assertThat(PlanRules.of(bad))
        .containsExactlyInAnyOrderEntriesOf(
            java.util.Map.ofEntries(
                entry(PlanRules.ONE_CAST_A_COPY, -1L),
                entry(PlanRules.NO_MORE_HANDS, -2L),
                entry(PlanRules.STATIONS_HOLD, -3L),
                entry(PlanRules.PROMISED_LATE, -4_250L),
                entry(PlanRules.LATE_DAYS, -5_500L),
                entry(PlanRules.MIX_MINUTES, -6L),
                entry(PlanRules.LATE_WORK, -7L),
                entry(PlanRules.SETUPS, -8L),
                entry(PlanRules.DARK_TO_LIGHT, -9L),
                entry(PlanRules.IDLE_BINDER, -10L),
                entry(PlanRules.EARLY, -11L)));
  }

  @Test
  void whatIsNotCountedIsKept() {
    Objective good = new Objective(new Breaches(0, 0, 0), null, 0, null, null, null, null, 0, 0, 0);
    assertThat(PlanRules.of(good).values()).hasSize(11).allMatch(penalty -> penalty == 0);
  }
}
