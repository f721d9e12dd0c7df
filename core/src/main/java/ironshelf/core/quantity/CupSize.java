package ironshelf.core.quantity;

/** Which cup a shop measures with. */
public enum CupSize {
  /** The US customary cup, half a US liquid pint: 236.588 ml (NIST Handbook 44, appendix C). */
  US(236.588_236_5),
  /** The metric cup: 250 ml (common practice). */
  METRIC(250);

  private final double ml;

  CupSize(double ml) {
    this.ml = ml;
  }

  public double ml() {
    return ml;
  }
}
