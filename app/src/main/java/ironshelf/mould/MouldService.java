package ironshelf.mould;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import ironshelf.http.PageOf;
import ironshelf.http.ProblemException;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moulds, copies, and what the copies hold. */
@Service
@Transactional
public class MouldService {

  private final MouldRepository moulds;
  private final CopyRepository copies;
  private final CastRepository casts;

  MouldService(MouldRepository moulds, CopyRepository copies, CastRepository casts) {
    this.moulds = moulds;
    this.copies = copies;
    this.casts = casts;
  }

  public long add(NewMould mould) {
    return moulds.save(new MouldEntity(mould)).id();
  }

  public long addCopy(long mouldId, String code, int castsBefore) {
    return copies.save(new Copy(mouldId, code, castsBefore)).id();
  }

  public void setCondition(long copyId, CopyCondition condition) {
    copies
        .findById(copyId)
        .orElseThrow(() -> ProblemException.unknown("copy", copyId))
        .setCondition(condition);
  }

  @Transactional(readOnly = true)
  public PageOf<MouldView> moulds(String search, Pageable page) {
    Page<MouldEntity> found = moulds.findByNameContainingIgnoreCase(search, page);
    Map<Long, List<CopyView>> byMould = copyViews(found.stream().map(MouldEntity::id).toList());
    return PageOf.of(found, m -> m.view(byMould.getOrDefault(m.id(), List.of())));
  }

  @Transactional(readOnly = true)
  public MouldView mould(long id) {
    MouldEntity mould =
        moulds.findById(id).orElseThrow(() -> ProblemException.unknown("mould", id));
    return mould.view(copyViews(List.of(id)).getOrDefault(id, List.of()));
  }

  /**
   * Fills copies: each gets a cast of that pour.
   *
   * @param seen the version of each copy by its id, as the filler saw it
   * @return the casts in the order of the copies' ids
   */
  public List<CastView> fill(
      MouldView mould, String product, Map<Long, Long> seen, long pourId, Instant at) {
    List<Copy> chosen = copies.toFill(seen.keySet());
    Map<Long, Cast> held = heldBy(seen.keySet());
    for (long id : seen.keySet()) {
      Copy copy =
          chosen.stream()
              .filter(c -> c.id() == id)
              .findFirst()
              .orElseThrow(() -> ProblemException.unknown("copy", id));
      if (copy.mouldId() != mould.id()) {
        throw ProblemException.conflict(
            "copy.wrongMould",
            Map.of("copy", copy.code(), "product", product, "mould", mould.name()));
      }
      if (copy.condition() != CopyCondition.GOOD) {
        throw ProblemException.conflict(
            "copy.retired",
            Map.of(
                "copy",
                copy.code(),
                "condition",
                copy.condition().name().toLowerCase(Locale.ROOT)));
      }
      if (held.containsKey(id)) {
        throw ProblemException.conflict("copy.held", Map.of("copy", copy.code()));
      }
      if (copy.version() != seen.get(id)) {
        throw ProblemException.conflict("copy.stale", Map.of("copy", copy.code()));
      }
    }
    return chosen.stream()
        .map(copy -> casts.save(new Cast(copy.id(), pourId, at)).view(copy))
        .toList();
  }

  /** Takes a casting out of its copy, which is free from then on. */
  public void empty(long castId, long seenVersion, Instant at, @Nullable String reasonIfEarly) {
    Cast cast = castEntity(castId);
    Copy copy = copies.findById(cast.copyId()).orElseThrow();
    if (cast.isEmptied()) {
      throw ProblemException.conflict("cast.emptied", Map.of("copy", copy.code()));
    }
    if (cast.view(copy).version() != seenVersion) {
      throw ProblemException.conflict("state.changed", Map.of());
    }
    cast.empty(at, reasonIfEarly);
  }

  @Transactional(readOnly = true)
  public CastView cast(long id) {
    Cast cast = castEntity(id);
    return cast.view(copies.findById(cast.copyId()).orElseThrow());
  }

  /** All casts that are in their moulds now, oldest first. */
  @Transactional(readOnly = true)
  public List<CastView> heldCasts() {
    return views(casts.findByEmptiedAtIsNullOrderById());
  }

  @Transactional(readOnly = true)
  public List<CastView> castsOf(long pourId) {
    return views(casts.findByPourIdOrderById(pourId));
  }

  private List<CastView> views(List<Cast> some) {
    Map<Long, Copy> byId =
        copies.findAllById(some.stream().map(Cast::copyId).toList()).stream()
            .collect(toMap(Copy::id, identity()));
    return some.stream().map(c -> c.view(byId.get(c.copyId()))).toList();
  }

  private Map<Long, List<CopyView>> copyViews(Collection<Long> mouldIds) {
    List<Copy> all = copies.findByMouldIdInOrderByMouldIdAscIdAsc(mouldIds);
    List<Long> ids = all.stream().map(Copy::id).toList();
    Map<Long, Long> finished =
        casts.finished(ids).stream()
            .collect(toMap(CastRepository.Finished::copyId, CastRepository.Finished::casts));
    Map<Long, Cast> held = heldBy(ids);
    return all.stream()
        .collect(
            groupingBy(
                Copy::mouldId,
                java.util.stream.Collectors.mapping(
                    copy -> {
                      Cast cast = held.get(copy.id());
                      return copy.view(
                          finished.getOrDefault(copy.id(), 0L),
                          cast == null ? null : cast.view(copy));
                    },
                    java.util.stream.Collectors.toList())));
  }

  private Map<Long, Cast> heldBy(Collection<Long> copyIds) {
    return casts.findByCopyIdInAndEmptiedAtIsNull(copyIds).stream()
        .collect(toMap(Cast::copyId, identity()));
  }

  private Cast castEntity(long id) {
    return casts.findById(id).orElseThrow(() -> ProblemException.unknown("cast", id));
  }
}
