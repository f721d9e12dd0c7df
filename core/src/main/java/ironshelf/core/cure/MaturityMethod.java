package ironshelf.core.cure;

/** How temperature counts (docs/method/temperatures.md). */
public enum MaturityMethod {
  /** {@code exp(-Q (1/T - 1/Tr))}, T in kelvin (ASTM C1074, equivalent age). */
  ARRHENIUS,
  /** {@code max(0, T - T0)} (ASTM C1074, temperature-time factor). */
  NURSE_SAUL,
  /** {@code exp(-(4000/(273+T) - 13.65))} (EN 1992-1-1, B.10). */
  EN1992
}
