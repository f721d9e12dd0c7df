package ironshelf.print;

import ironshelf.core.quantity.style.UnitSystem;
import ironshelf.style.ShopStyle;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;

/** The sheets that a printer takes (ISO 216; ANSI/ASME Y14.1). */
public enum Paper {
  A4(210, 297),
  LETTER(215.9, 279.4);

  public static final float POINTS_PER_MM = 72f / 25.4f;

  private final double widthMm;
  private final double heightMm;

  Paper(double widthMm, double heightMm) {
    this.widthMm = widthMm;
    this.heightMm = heightMm;
  }

  /** The paper that was asked for; else what printers hold where the shop's units are used. */
  public static Paper chosen(@Nullable Paper asked, ShopStyle style) {
    return asked != null ? asked : style.units() == UnitSystem.US ? LETTER : A4;
  }

  public PDRectangle size() {
    return new PDRectangle((float) widthMm * POINTS_PER_MM, (float) heightMm * POINTS_PER_MM);
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }
}
