package ironshelf.pour.script;

import static java.util.stream.Collectors.toMap;

import ironshelf.core.pour.script.PourState;
import ironshelf.http.problem.Catalogue;
import ironshelf.material.MaterialService;
import ironshelf.pour.Meant;
import ironshelf.pour.SheetKeys;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Puts what a state finds into words of this shop. */
@Component
class StateWords {

  private final Catalogue catalogue;
  private final MaterialService materials;

  StateWords(Catalogue catalogue, MaterialService materials) {
    this.catalogue = catalogue;
    this.materials = materials;
  }

  PourStateView of(Meant meant, PourState state) {
    return PourStateView.of(state, catalogue, state.advice().isEmpty() ? Map.of() : names(meant));
  }

  private Map<String, String> names(Meant meant) {
    Set<Long> ids =
        meant.sheet().batches().stream()
            .flatMap(b -> b.mixes().stream())
            .flatMap(m -> m.lines().stream())
            .map(l -> SheetKeys.id(l.material()))
            .collect(Collectors.toSet());
    return materials.byIds(ids).entrySet().stream()
        .collect(toMap(e -> SheetKeys.key(e.getKey()), e -> e.getValue().name()));
  }
}
