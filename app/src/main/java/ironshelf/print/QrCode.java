package ironshelf.print;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A text as a QR code, legible with a quarter of it worn off (level Q of ISO/IEC 18004). */
public final class QrCode {

  private QrCode() {}

  /**
   * Its modules, quiet zone included.
   *
   * @param size of the square in pixels; the least that holds it where that is more
   */
  public static BitMatrix modules(String text, int size) {
    try {
      return new QRCodeWriter()
          .encode(
              text,
              BarcodeFormat.QR_CODE,
              size,
              size,
              Map.of(
                  EncodeHintType.ERROR_CORRECTION,
                  ErrorCorrectionLevel.Q,
                  EncodeHintType.MARGIN,
                  2));
    } catch (WriterException e) {
      throw new IllegalArgumentException("no QR code for " + text, e);
    }
  }

  /** As a drawing, a module a unit. */
  public static String svg(String text) {
    BitMatrix modules = modules(text, 1);
    StringBuilder path = new StringBuilder();
    for (int y = 0; y < modules.getHeight(); y++) {
      for (int x = 0; x < modules.getWidth(); x++) {
        if (modules.get(x, y)) {
          path.append("M%d %dh1v1h-1z".formatted(x, y));
        }
      }
    }
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\"><path d=\"%s\"/></svg>"
        .formatted(modules.getWidth(), modules.getHeight(), path);
  }
}
