package ironshelf.core.plan.resource;

import static ironshelf.core.plan.resource.TinyShop.waiting;
import static ironshelf.core.plan.resource.TinyShop.work;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.resource.Activity.Stay;
import ironshelf.core.plan.resource.Activity.Window;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A route as pieces of work with the waits before them. */
class ActivityTest {

  private static final Map<String, Integer> STATIONS = Map.of("bath", 0, "boards", 1);

  private static List<Activity> of(PlanStep... route) {
    return Activity.of(List.of(route), STATIONS, mix -> null);
  }

  @Test
  void waitsBelongToTheWorkAfterThem() {
    List<Activity> activities =
        of(
            work("pour", 10, false),
            waiting("set", 1, null),
            work("demould", 5, true),
            waiting("soak", 24, "bath"),
            waiting("dry", 48, "boards"));
    assertThat(activities).extracting(Activity::step).containsExactly("pour", "demould", "ready");
    assertThat(activities).extracting(Activity::waitMin).containsExactly(0, 60, 72 * 60);
    assertThat(activities).extracting(Activity::frees).containsExactly(false, true, false);
    assertThat(activities).extracting(Activity::takesPerson).containsExactly(true, true, false);
    assertThat(activities.get(1).stays()).containsExactly(new Stay(Activity.NOWHERE, 0, 60));
    assertThat(activities.get(2).stays())
        .containsExactly(new Stay(0, 0, 1_440), new Stay(1, 1_440, 2_880));
    assertThat(Activity.leastMin(activities, true)).isEqualTo(10 + 60 + 5);
    assertThat(Activity.leastMin(activities, false)).isEqualTo(10 + 60 + 5 + 72 * 60);
  }

  /** Three coats a quarter of an hour apart, then a wait that begins after the last. */
  @Test
  void workThatIsDoneSeveralTimesIsSeveralPiecesOfWork() {
    PlanStep coats = new PlanStep("seal", 2.2, 0, null, 3, 15, true, false);
    List<Activity> activities = of(work("pour", 10, false), coats, waiting("dry", 1, null));
    assertThat(activities)
        .extracting(Activity::step)
        .containsExactly("pour", "seal", "seal", "seal", "ready");
    assertThat(activities).extracting(Activity::workMin).containsExactly(10, 3, 3, 3, 0);
    assertThat(activities).extracting(Activity::waitMin).containsExactly(0, 0, 15, 15, 60);
    assertThat(activities)
        .extracting(Activity::frees)
        .as("the mould is free after the last")
        .containsExactly(false, false, false, true, false);
  }

  /** The window and the parts are for the first time; a setup is for each. */
  @Test
  void windowsJoinsAndSetups() {
    PlanStep glue = new PlanStep("glue", 4, 0, null, 2, 5, true, true, 1.5, 20, 7.5, null);
    PlanStep fit = new PlanStep("fit", 1, 0, null, 1, 0, false, true);
    List<Activity> activities = of(work("pour", 10, false), glue, fit);
    assertThat(activities).extracting(Activity::join).containsExactly(-1, 0, -1, 1, -1);
    assertThat(activities)
        .extracting(Activity::window)
        .containsExactly(null, new Window(90, 20), null, null, null);
    assertThat(activities).extracting(Activity::setupMin).containsExactly(0, 8, 8, 0, 0);
    assertThat(activities.get(1).readiness()).isEqualTo("glue");
    PlanStep whenever = glue.within(2, 0);
    assertThat(of(whenever).get(0).window()).as("costs nothing").isNull();
  }

  /** To free a mould, or to be joined, is a piece of work even where it takes nobody. */
  @Test
  void whatTakesNobodyIsKeptWhereSomethingHangsOnIt() {
    List<Activity> activities =
        of(work("pour", 10, false), work("look", 0, false), work("slips out", 0, true));
    assertThat(activities).extracting(Activity::step).containsExactly("pour", "slips out", "ready");
    assertThat(activities.get(1).takesPerson()).isFalse();
  }

  @Test
  void theFillingOfAMixIsPartOfIt() {
    List<Activity> alone = of(work("pour", 10, false), work("demould", 5, true));
    List<Activity> mixed = Activity.inBatch(alone);
    assertThat(mixed.get(0).inBatch()).isTrue();
    assertThat(mixed.get(0).takesPerson()).isFalse();
    assertThat(mixed.get(0).workMin()).isEqualTo(10);
    assertThat(mixed.subList(1, 3)).isEqualTo(alone.subList(1, 3));
  }
}
