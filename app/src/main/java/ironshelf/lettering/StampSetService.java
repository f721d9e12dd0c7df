package ironshelf.lettering;

import ironshelf.http.problem.ProblemException;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's sets of stamps. */
@Service
@Transactional
class StampSetService {

  private final StampSetRepository sets;

  StampSetService(StampSetRepository sets) {
    this.sets = sets;
  }

  @Transactional(readOnly = true)
  List<StampSetView> all() {
    return sets.findAllByOrderByName().stream().map(StampSetEntity::view).toList();
  }

  StampSetView add(StampSetRequest wanted) {
    refuseTaken(wanted.name(), 0);
    return sets.saveAndFlush(new StampSetEntity(wanted)).view();
  }

  StampSetView change(long id, long seenVersion, StampSetRequest to) {
    StampSetEntity set =
        sets.findById(id).orElseThrow(() -> ProblemException.unknown("set of stamps", id));
    if (set.version() != seenVersion) {
      throw ProblemException.stale();
    }
    refuseTaken(to.name(), id);
    set.change(to);
    return sets.saveAndFlush(set).view();
  }

  /** Takes a set away; one that is gone already stays so. */
  void remove(long id) {
    sets.deleteById(id);
  }

  private void refuseTaken(String name, long ownId) {
    sets.findByNameIgnoreCase(name.strip())
        .map(StampSetEntity::view)
        .filter(other -> other.id() != ownId)
        .ifPresent(
            other -> {
              throw ProblemException.conflict(
                  "name.taken", Map.of("what", "set of stamps", "value", other.name()));
            });
  }
}
