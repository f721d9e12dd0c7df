package ironshelf.core.recipe;

import ironshelf.core.material.Role;

/** How closely an ingredient is weighed: water and pigment tight, aggregate loose. */
public final class Tolerance {

  /** No bench scale is asked for less (common practice). */
  private static final double LEAST_KG = 0.001;

  private Tolerance() {}

  /** Returns how far the scale may be off, either way, in kg (common practice). */
  public static double kg(Role role, double massKg) {
    double share =
        switch (role) {
          case WATER, PIGMENT, ADMIXTURE -> 0.01;
          case BINDER, FIBRE -> 0.02;
          default -> 0.03;
        };
    return Math.max(LEAST_KG, share * massKg);
  }
}
