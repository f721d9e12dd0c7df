package ironshelf.core.material;

/** What the sums take water to be. */
public final class Water {

  /** Density at 20 °C in kg per litre (998.2 kg/m3, to 3 figures; IAPWS R6, from memory). */
  public static final double DENSITY_KG_L = 0.998;

  /** Specific heat in kJ/(kg K) (ACI 305R, mix temperature). */
  public static final double SPECIFIC_HEAT = 4.18;

  private Water() {}
}
