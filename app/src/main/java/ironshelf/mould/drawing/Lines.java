package ironshelf.mould.drawing;

import ironshelf.core.lettering.Lettering;
import ironshelf.core.lettering.LetteringRequest;
import ironshelf.core.mould.Plan;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.solid.ProfilePoint;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.MouldView;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * What there is to draw of a mould, in mm, y upwards.
 *
 * @param outer lines of the cavity
 * @param inner lines of cores and plugs
 * @param words that stand in it
 */
record Lines(List<List<Coordinate>> outer, List<List<Coordinate>> inner, List<Word> words) {

  /** A word or a letter, from its foot on the left; capitals are so high. */
  record Word(String text, double xMm, double yMm, double heightMm) {}

  /** A face and the letters on it, each in the frame of its stamp. */
  static Lines of(LetteringRequest request) {
    Lettering lettering = Lettering.of(request);
    List<Coordinate> face = new ArrayList<>(request.ring());
    double low = face.stream().mapToDouble(c -> c.y).min().orElseThrow();
    face.add(face.get(0).copy());
    double high = request.stamps().heightMm();
    List<List<Coordinate>> frames = new ArrayList<>();
    List<Word> words = new ArrayList<>();
    for (Lettering.LetterLine line : lettering.lines()) {
      double y = low + line.baseMm();
      for (Lettering.PlacedLetter letter : line.letters()) {
        double x = letter.leftMm();
        frames.add(frame(x, y, letter.widthMm(), high));
        words.add(new Word(letter.letter(), x, y, high));
      }
    }
    return new Lines(List.of(face), frames, words);
  }

  private static List<Coordinate> frame(double x, double y, double width, double height) {
    return List.of(
        new Coordinate(x, y),
        new Coordinate(x + width, y),
        new Coordinate(x + width, y + height),
        new Coordinate(x, y + height),
        new Coordinate(x, y));
  }

  /** The two views that can be drawn. */
  enum What {
    OUTLINE,
    SECTION
  }

  static Lines of(MouldView mould, What what) {
    if (!mould.section().drawn()) {
      throw ProblemException.conflict("mould.notDrawn", Map.of("mould", mould.name()));
    }
    return what == What.OUTLINE ? outline(mould) : section(mould.section());
  }

  private static Lines outline(MouldView mould) {
    Plan plan = Plan.of(mould.shape());
    return new Lines(rings(plan.cavity()), rings(plan.cores()), List.of());
  }

  private static List<List<Coordinate>> rings(List<List<Plan.Corner>> rings) {
    return rings.stream()
        .map(
            ring -> {
              List<Coordinate> line = new ArrayList<>();
              ring.forEach(c -> line.add(new Coordinate(c.xMm(), c.yMm())));
              line.add(line.get(0).copy());
              return line;
            })
        .toList();
  }

  private static Lines section(Section section) {
    List<List<Coordinate>> inner = new ArrayList<>();
    if (section.core() != null) {
      inner.add(mirrored(section.core(), 0));
    }
    section.more().forEach(placed -> inner.add(mirrored(placed.half(), placed.xMm())));
    return new Lines(List.of(mirrored(section.outer(), 0)), inner, List.of());
  }

  /** Down the left side and up the right one, open at the top. */
  private static List<Coordinate> mirrored(List<ProfilePoint> half, double xMm) {
    List<Coordinate> line = new ArrayList<>();
    half.forEach(p -> line.add(new Coordinate(xMm - p.rMm(), p.zMm())));
    Collections.reverse(line);
    half.forEach(p -> line.add(new Coordinate(xMm + p.rMm(), p.zMm())));
    return line;
  }

  List<List<Coordinate>> all() {
    List<List<Coordinate>> all = new ArrayList<>(outer);
    all.addAll(inner);
    return all;
  }

  Envelope box() {
    Envelope box = new Envelope();
    all().forEach(line -> line.forEach(box::expandToInclude));
    return box;
  }
}
