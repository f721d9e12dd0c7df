package ironshelf.inspect;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

/** Pictures as somebody might send them. */
final class Pictures {

  /** Signature, and the length and name of the first chunk (PNG, third edition, 5.2 and 11.2.2). */
  private static final int SIZE_AT = 16;

  private static final int FIRST_CHUNK_ENDS = 33;

  private Pictures() {}

  static byte[] png(int width, int height) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB), "png", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  static String size(byte[] picture) {
    try {
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(picture));
      return image.getWidth() + " x " + image.getHeight();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A small picture that says it is that large. */
  static byte[] saying(int width, int height) {
    ByteBuffer png = ByteBuffer.wrap(png(1, 1));
    png.putInt(SIZE_AT, width).putInt(SIZE_AT + 4, height);
    png.putInt(FIRST_CHUNK_ENDS - 4, crc(png.array(), SIZE_AT - 4, FIRST_CHUNK_ENDS - 4));
    return png.array();
  }

  /** A picture with words in it, as a chunk of text. */
  static byte[] with(byte[] png, String words) {
    byte[] text = ("tEXtComment\0" + words).getBytes(StandardCharsets.ISO_8859_1);
    ByteBuffer all = ByteBuffer.allocate(png.length + text.length + 8);
    all.put(png, 0, FIRST_CHUNK_ENDS);
    all.putInt(text.length - 4).put(text).putInt(crc(text, 0, text.length));
    all.put(png, FIRST_CHUNK_ENDS, png.length - FIRST_CHUNK_ENDS);
    return all.array();
  }

  private static int crc(byte[] bytes, int from, int to) {
    CRC32 crc = new CRC32();
    crc.update(bytes, from, to - from);
    return (int) crc.getValue();
  }
}
