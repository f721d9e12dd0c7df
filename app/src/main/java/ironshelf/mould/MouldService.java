package ironshelf.mould;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CopyRequest;
import ironshelf.copy.CopyService;
import ironshelf.copy.CopyView;
import ironshelf.core.mould.wear.CastsExpected;
import ironshelf.core.mould.wear.MouldKind;
import ironshelf.core.mould.wear.MouldKinds;
import ironshelf.http.PageOf;
import ironshelf.http.problem.ProblemException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moulds and what follows from their copies. */
@Service
@Transactional
public class MouldService {

  private final MouldRepository moulds;
  private final CopyService copies;
  private final Map<Long, DrawnMould> drawn = new ConcurrentHashMap<>();

  MouldService(MouldRepository moulds, CopyService copies) {
    this.moulds = moulds;
    this.copies = copies;
  }

  public long add(NewMould mould) {
    refuseTaken(mould, 0);
    return moulds.save(new MouldEntity(mould)).id();
  }

  public void change(long id, long seenVersion, NewMould to) {
    MouldEntity mould = entity(id);
    if (mould.version() != seenVersion) {
      throw ProblemException.stale();
    }
    refuseTaken(to, id);
    mould.change(to);
  }

  @Transactional(readOnly = true)
  public String nextCopyCode(long mouldId) {
    return copies.nextCode(mouldId, entity(mouldId).name());
  }

  public long addCopy(long mouldId, CopyRequest copy) {
    return copies.add(entity(mouldId).id(), copy);
  }

  @Transactional(readOnly = true)
  public PageOf<MouldView> moulds(String search, Pageable page) {
    Page<MouldEntity> found = moulds.findByNameContainingIgnoreCase(search, page);
    Map<Long, List<CopyView>> byMould = copies.views(found.stream().map(MouldEntity::id).toList());
    Expected expected = new Expected();
    return PageOf.of(
        found,
        m -> m.view(byMould.getOrDefault(m.id(), List.of()), expected.of(m.kind()), drawn(m)));
  }

  /** All moulds as they are drawn, by id; each is worked out once for its version. */
  @Transactional(readOnly = true)
  public Map<Long, DrawnMould> drawn() {
    Map<Long, DrawnMould> all = new HashMap<>();
    for (MouldRepository.Seen seen : moulds.seen()) {
      all.put(
          seen.id(),
          drawn.compute(
              seen.id(),
              (id, known) ->
                  known == null || known.version() != seen.version() ? entity(id).drawn() : known));
    }
    return all;
  }

  private DrawnMould drawn(MouldEntity mould) {
    DrawnMould known = drawn.get(mould.id());
    return known == null || known.version() != mould.version() ? mould.drawn() : known;
  }

  /** All moulds with their copies, by id. */
  @Transactional(readOnly = true)
  public Map<Long, MouldView> all() {
    return moulds("", Pageable.unpaged(Sort.by("name"))).items().stream()
        .collect(toMap(MouldView::id, identity(), (a, b) -> a, LinkedHashMap::new));
  }

  @Transactional(readOnly = true)
  public MouldView mould(long id) {
    return view(entity(id));
  }

  @Transactional(readOnly = true)
  public Optional<MouldView> byName(String name) {
    return moulds.findByNameIgnoreCase(name.strip()).map(this::view);
  }

  private MouldView view(MouldEntity mould) {
    return mould.view(
        copies.views(List.of(mould.id())).getOrDefault(mould.id(), List.of()),
        new Expected().of(mould.kind()),
        drawn(mould));
  }

  /** What copies of each kind last here, worked out once a kind. */
  private final class Expected {
    private final Map<String, List<Long>> byKind =
        moulds.kinds().stream()
            .collect(
                groupingBy(
                    MouldRepository.OfKind::kind, mapping(MouldRepository.OfKind::id, toList())));
    private final Map<String, CastsExpected> known = new HashMap<>();

    CastsExpected of(MouldKind kind) {
      return known.computeIfAbsent(
          kind.code(),
          code -> {
            CopyService.Worn worn = copies.worn(byKind.getOrDefault(code, List.of()));
            return CastsExpected.of(kind.expectedCasts(), worn.casts(), worn.wornCopies());
          });
    }
  }

  /** The kinds, each with what its copies last in this shop. */
  @Transactional(readOnly = true)
  public List<KindView> kinds() {
    Expected expected = new Expected();
    return MouldKinds.shipped().all().stream()
        .map(kind -> new KindView(kind, expected.of(kind)))
        .toList();
  }

  /** A kind and what it lasts here. */
  public record KindView(MouldKind kind, CastsExpected expected) {}

  private void refuseTaken(NewMould wanted, long ownId) {
    moulds
        .findByNameIgnoreCase(wanted.name().strip())
        .filter(other -> other.id() != ownId)
        .ifPresent(
            other -> {
              throw ProblemException.conflict(
                  "name.taken", Map.of("what", "mould", "value", wanted.name()));
            });
  }

  private MouldEntity entity(long id) {
    return moulds.findById(id).orElseThrow(() -> ProblemException.unknown("mould", id));
  }
}
