package ironshelf.photo;

import ironshelf.http.problem.ProblemException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Nothing but the pixels of a picture: it is read and written anew as a JPEG, so that no place,
 * name, script or second file is kept that came with it. How large it is is looked at first, since
 * a small file can say that it is enormous.
 */
final class Pixels {

  /** 24 megapixels: more than a tablet's camera takes. As decoded that is 100 MB at most. */
  static final long MOST = 24_000_000;

  private Pixels() {}

  /**
   * The picture as a JPEG.
   *
   * @throws ProblemException where it is no JPEG or PNG, or too large
   */
  static byte[] of(byte[] file) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw unreadable();
      }
      ImageReader reader = readers.next();
      try {
        if (!"JPEG".equals(reader.getFormatName()) && !"png".equals(reader.getFormatName())) {
          throw unreadable();
        }
        reader.setInput(in, true, true);
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST) {
          throw ProblemException.bad(
              "photo.tooLarge",
              Map.of(
                  "value",
                  reader.getWidth(0) + " x " + reader.getHeight(0),
                  "high",
                  MOST / 1_000_000));
        }
        return jpeg(reader.read(0));
      } finally {
        reader.dispose();
      }
    } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
      throw unreadable();
    }
  }

  /** What shows through is white, as on a page. */
  private static byte[] jpeg(BufferedImage image) throws IOException {
    BufferedImage plain =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D canvas = plain.createGraphics();
    canvas.drawImage(image, 0, 0, Color.WHITE, null);
    canvas.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(plain, "jpeg", out);
    return out.toByteArray();
  }

  private static ProblemException unreadable() {
    return ProblemException.bad("photo.unreadable", Map.of());
  }
}
