package ironshelf.core.recipe;

import ironshelf.core.material.Role;
import java.util.Comparator;
import java.util.List;

/** The order in which a mix comes together; the three schools in use (docs/method/mixes.md). */
public enum Addition {
  /** Colour into the water, then powder by spoonfuls. */
  COLOUR_IN_WATER(
      List.of(
          Role.WATER,
          Role.PIGMENT,
          Role.ADMIXTURE,
          Role.BINDER,
          Role.FILLER,
          Role.AGGREGATE,
          Role.FIBRE)),
  /** Powder and dry colour first, then water. */
  COLOUR_IN_POWDER(
      List.of(
          Role.BINDER,
          Role.FILLER,
          Role.AGGREGATE,
          Role.PIGMENT,
          Role.WATER,
          Role.ADMIXTURE,
          Role.FIBRE)),
  /** Colour when the mix is right. */
  COLOUR_LAST(
      List.of(
          Role.BINDER,
          Role.FILLER,
          Role.AGGREGATE,
          Role.WATER,
          Role.ADMIXTURE,
          Role.PIGMENT,
          Role.FIBRE));

  @SuppressWarnings("ImmutableEnumChecker") // made by List.of
  private final List<Role> roles;

  Addition(List<Role> roles) {
    this.roles = roles;
  }

  /** Sorts roles into the order they go in. Fibre is last in every school. */
  public Comparator<Role> order() {
    return Comparator.comparingInt(roles::indexOf);
  }
}
