package ironshelf.route;

import ironshelf.core.route.Effect;
import ironshelf.core.route.StepKind;
import ironshelf.core.route.Wetting;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A kind of step as others see it.
 *
 * @param used whether a product's pieces have it on their route today
 * @param id null of one that ships
 * @param version likewise
 */
public record StepKindView(
    String code,
    String todo,
    String done,
    boolean waits,
    List<Effect> effects,
    @Nullable Wetting wetting,
    boolean used,
    @Nullable Long id,
    @Nullable Long version) {

  static StepKindView shipped(StepKind kind, boolean used) {
    return of(kind, used, null, null);
  }

  static StepKindView own(StepKind kind, boolean used, long id, long version) {
    return of(kind, used, id, version);
  }

  private static StepKindView of(
      StepKind kind, boolean used, @Nullable Long id, @Nullable Long version) {
    return new StepKindView(
        kind.code(),
        kind.todo(),
        kind.done(),
        kind.waits(),
        kind.effects().stream().sorted().toList(),
        kind.wetting(),
        used,
        id,
        version);
  }
}
