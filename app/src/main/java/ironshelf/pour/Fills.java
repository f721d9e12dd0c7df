package ironshelf.pour;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import ironshelf.pour.record.Pour;
import ironshelf.pour.record.PourFill;
import ironshelf.pour.record.PourFillRepository;
import ironshelf.pour.record.PourFillView;
import ironshelf.pour.record.PourRepository;
import ironshelf.store.RangeReads;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Reads what was put into casts, and the pours that did. */
@Component
class Fills {

  private final PourFillRepository fills;
  private final PourRepository pours;

  Fills(PourFillRepository fills, PourRepository pours) {
    this.fills = fills;
    this.pours = pours;
  }

  /** What is in casts, layer by layer, by the cast. */
  Map<Long, List<PourFillView>> ofCasts(Collection<Long> castIds) {
    return RangeReads.read(
            castIds,
            fills::findByCastIdInOrderByLayerNo,
            fills::findByCastIdBetweenOrderByLayerNo,
            f -> f.view().castId())
        .stream()
        .map(PourFill::view)
        .collect(groupingBy(PourFillView::castId, TreeMap::new, toList()));
  }

  /** What pours filled, by the pour. */
  Map<Long, List<PourFillView>> ofPours(Collection<Long> pourIds) {
    return RangeReads.read(
            pourIds,
            fills::findByPourIdInOrderById,
            fills::findByPourIdBetweenOrderById,
            f -> f.view().pourId())
        .stream()
        .map(PourFill::view)
        .collect(groupingBy(PourFillView::pourId));
  }

  /** Pours by id. */
  Map<Long, Pour> pours(Collection<Long> ids) {
    return RangeReads.read(ids, pours::findAllById, pours::findByIdBetween, Pour::id).stream()
        .collect(toMap(Pour::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
  }
}
