package ironshelf.material;

import org.jspecify.annotations.Nullable;

/** What takes a material: a pour, or a step done to pieces. */
public record TakenFor(@Nullable Long pourId, @Nullable Long actId) {

  static final TakenFor NOTHING = new TakenFor(null, null);

  public static TakenFor pour(long pourId) {
    return new TakenFor(pourId, null);
  }
}
