package ironshelf.recipe.colourway;

import ironshelf.http.problem.ProblemException;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What colourways were before they were changed. */
@Service
@Transactional
public class ColourwayVersions {

  private final ColourwayRepository colourways;
  private final ColourwayVersionRepository versions;

  ColourwayVersions(ColourwayRepository colourways, ColourwayVersionRepository versions) {
    this.colourways = colourways;
    this.versions = versions;
  }

  public void keep(ColourwayView was) {
    versions.save(new ColourwayVersion(was));
  }

  /** A colourway as it was in a version of it; as it is where that is not known. */
  @Transactional(readOnly = true)
  public ColourwayView of(long id, @Nullable Integer versionNo) {
    ColourwayView now = now(id);
    return versionNo == null || versionNo == now.versionNo()
        ? now
        : versions
            .findByColourwayIdAndVersionNo(id, versionNo)
            .map(ColourwayVersion::was)
            .orElse(now);
  }

  /** All versions of a colourway, the first one first. */
  @Transactional(readOnly = true)
  public List<ColourwayView> all(long id) {
    ColourwayView now = now(id);
    return Stream.concat(
            versions.findByColourwayIdOrderByVersionNo(id).stream().map(ColourwayVersion::was),
            Stream.of(now))
        .toList();
  }

  private ColourwayView now(long id) {
    return colourways
        .findById(id)
        .orElseThrow(() -> ProblemException.unknown("colourway", id))
        .view();
  }
}
