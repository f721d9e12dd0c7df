package ironshelf.mould.drawing;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** A mould's lines as SVG, one user unit a millimetre, so that a cutter or a printer keeps size. */
final class SvgDrawing {

  private static final double MARGIN_MM = 2;

  private SvgDrawing() {}

  static String of(Lines lines, String title) {
    Envelope box = lines.box();
    box.expandBy(MARGIN_MM);
    return String.format(
        Locale.ROOT,
        """
        <svg xmlns="http://www.w3.org/2000/svg" width="%1$.3fmm" height="%2$.3fmm" viewBox="%3$.3f %4$.3f %1$.3f %2$.3f">
        <title>%5$s</title>
        <g fill="none" stroke="black" stroke-width="0.3">
        %6$s</g>
        </svg>
        """,
        box.getWidth(),
        box.getHeight(),
        box.getMinX(),
        -box.getMaxY(),
        escaped(title),
        lines.all().stream().map(SvgDrawing::path).collect(Collectors.joining()));
  }

  private static String path(List<Coordinate> line) {
    boolean closed = line.get(0).equals2D(line.get(line.size() - 1));
    return line.stream()
        .limit(closed ? line.size() - 1L : line.size())
        .map(c -> String.format(Locale.ROOT, "%.3f %.3f", c.x, -c.y))
        .collect(Collectors.joining("L", "<path d=\"M", closed ? "Z\"/>\n" : "\"/>\n"));
  }

  private static String escaped(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }
}
