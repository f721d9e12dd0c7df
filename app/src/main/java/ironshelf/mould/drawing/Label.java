package ironshelf.mould.drawing;

import com.google.zxing.common.BitMatrix;
import ironshelf.print.QrCode;
import ironshelf.print.Typeface;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/**
 * A copy's label: its code, its mould, and a QR code that opens its page.
 *
 * @param link what the QR code says
 */
record Label(String code, String mould, String link) {

  private static final int WIDTH = 480;
  private static final int HEIGHT = 200;
  private static final int QR = 184;

  /** 60 x 25 mm at 203 dots an inch, as label printers have them. */
  byte[] png() {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setColor(Color.BLACK);
    BitMatrix qr = QrCode.modules(link, QR);
    for (int y = 0; y < qr.getHeight(); y++) {
      for (int x = 0; x < qr.getWidth(); x++) {
        if (qr.get(x, y)) {
          g.fillRect(8 + x, 8 + y, 1, 1);
        }
      }
    }
    int left = QR + 24;
    fitted(g, code, Typeface.HEAD, 96, WIDTH - left - 8);
    g.drawString(code, left, 110);
    fitted(g, mould, Typeface.TEXT, 30, WIDTH - left - 8);
    g.drawString(mould, left, 160);
    g.dispose();
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The largest size up to one at which a text still fits. */
  private static void fitted(Graphics2D g, String text, Typeface face, int size, int width) {
    Font font = face.forText(text, size);
    for (int s = size; s > 8; s--) {
      g.setFont(font.deriveFont((float) s));
      FontMetrics metrics = g.getFontMetrics();
      if (metrics.stringWidth(text) <= width) {
        return;
      }
    }
  }
}
