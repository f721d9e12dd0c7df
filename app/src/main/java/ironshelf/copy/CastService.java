package ironshelf.copy;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import ironshelf.core.cure.Stay;
import ironshelf.http.problem.ProblemException;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Filling copies and taking castings out of them. */
@Service
@Transactional
public class CastService {

  private final CopyRepository copies;
  private final CastRepository casts;
  private final CastStayRepository stays;

  CastService(CopyRepository copies, CastRepository casts, CastStayRepository stays) {
    this.copies = copies;
    this.casts = casts;
    this.stays = stays;
  }

  /** What copies are filled for, to say what is wrong when they do not fit. */
  public record Filling(long mouldId, String mould, String product, long pourId, Instant at) {}

  /**
   * Fills copies: each gets a cast of that pour, and counts as washed.
   *
   * @param seen the version of each copy by its id, as the filler saw it
   * @return the casts in the order of the copies' ids
   */
  public List<CastView> fill(Filling filling, Map<Long, Long> seen) {
    List<Copy> chosen = copies.toFill(seen.keySet());
    Map<Long, Cast> held =
        casts.findByCopyIdInAndEmptiedAtIsNull(seen.keySet()).stream()
            .collect(toMap(Cast::copyId, identity()));
    for (long id : seen.keySet()) {
      Copy copy =
          chosen.stream()
              .filter(c -> c.id() == id)
              .findFirst()
              .orElseThrow(() -> ProblemException.unknown("copy", id));
      refuseUnfit(copy, filling, held.containsKey(id), seen.get(id));
    }
    for (CastRepository.Left before : casts.leftAfter(seen.keySet(), filling.at())) {
      Copy copy = copies.findById(before.copyId()).orElseThrow();
      throw ProblemException.conflict(
          "copy.heldThen",
          Map.of("copy", copy.code(), "at", filling.at(), "until", before.emptiedAt()));
    }
    casts.unwashed(seen.keySet()).forEach(cast -> cast.wash(filling.at()));
    return chosen.stream()
        .map(copy -> casts.save(new Cast(copy.id(), filling.pourId(), filling.at())).view(copy))
        .toList();
  }

  private static void refuseUnfit(Copy copy, Filling filling, boolean held, long seenVersion) {
    if (copy.mouldId() != filling.mouldId()) {
      throw ProblemException.conflict(
          "copy.wrongMould",
          Map.of("copy", copy.code(), "product", filling.product(), "mould", filling.mould()));
    }
    if (copy.condition() != CopyCondition.GOOD) {
      throw ProblemException.conflict(
          "copy.retired",
          Map.of(
              "copy", copy.code(), "condition", copy.condition().name().toLowerCase(Locale.ROOT)));
    }
    if (held) {
      throw ProblemException.conflict("copy.held", Map.of("copy", copy.code()));
    }
    if (copy.version() != seenVersion) {
      throw ProblemException.conflict("copy.stale", Map.of("copy", copy.code()));
    }
  }

  /** Takes a casting out of its copy, which is free from then on. */
  public void empty(long castId, long seenVersion, Instant at, @Nullable String reasonIfEarly) {
    Cast cast = entity(castId);
    Copy copy = copies.findById(cast.copyId()).orElseThrow();
    if (cast.isEmptied()) {
      throw ProblemException.conflict("cast.emptied", Map.of("copy", copy.code()));
    }
    if (cast.view(copy).version() != seenVersion) {
      throw ProblemException.conflict("state.changed", Map.of());
    }
    cast.empty(at, reasonIfEarly);
  }

  /** Whether all of them are in their moulds still. */
  @Transactional(readOnly = true)
  public boolean allHeld(Collection<Long> castIds) {
    return casts.findAllById(castIds).stream().noneMatch(Cast::isEmptied);
  }

  /** Puts castings back that were not taken out after all; their copies must be empty still. */
  public void unempty(Collection<Long> castIds) {
    List<Cast> some = casts.findAllById(castIds);
    List<Long> copyIds = some.stream().map(Cast::copyId).toList();
    if (!casts.findByCopyIdInAndEmptiedAtIsNull(copyIds).isEmpty()) {
      throw ProblemException.conflict("act.goneOn", Map.of());
    }
    some.forEach(Cast::unempty);
    casts.flush();
  }

  /** Notes that castings were brought to a place in their moulds. */
  public void bring(Collection<Long> castIds, Stay to) {
    for (long castId : new TreeSet<>(castIds)) {
      Cast cast = entity(castId);
      if (cast.isEmptied()) {
        Copy copy = copies.findById(cast.copyId()).orElseThrow();
        throw ProblemException.conflict("cast.emptied", Map.of("copy", copy.code()));
      }
      stays.save(new CastStay(cast.id(), to));
    }
  }

  /** Where castings were brought, in order, by the cast; those that were not are not in it. */
  @Transactional(readOnly = true)
  public Map<Long, List<Stay>> stays(Collection<Long> castIds) {
    if (castIds.isEmpty()) {
      return Map.of();
    }
    // Few are brought anywhere: the run of numbers is read, not asked for one by one.
    return stays
        .findByCastIdBetweenOrderById(Collections.min(castIds), Collections.max(castIds))
        .stream()
        .collect(groupingBy(CastStay::castId, mapping(CastStay::stay, toList())));
  }

  /** Takes casts back that were never made. */
  public void unfill(Collection<Long> castIds) {
    stays.deleteByCastIdIn(castIds);
    casts.deleteAllById(castIds);
    casts.flush();
  }

  /** Notes that copies were washed after their last casting. */
  public void wash(Collection<Long> copyIds, Instant at) {
    casts.unwashed(copyIds).forEach(cast -> cast.wash(at));
  }

  /** Copies that stand dirty, the longest first. */
  @Transactional(readOnly = true)
  public List<DirtyCopy> dirty() {
    return casts.dirty();
  }

  @Transactional(readOnly = true)
  public CastView cast(long id) {
    Cast cast = entity(id);
    return cast.view(copies.findById(cast.copyId()).orElseThrow());
  }

  /** How many copies are in use: filled, free, or to be mended. */
  @Transactional(readOnly = true)
  public int copiesInUse() {
    return (int)
        copies.countByConditionNotIn(
            Arrays.stream(CopyCondition.values()).filter(c -> !c.isInUse()).toList());
  }

  /**
   * How much a mould's copies were used.
   *
   * @param casts that were filled in that time
   * @param heldH of all copies together
   */
  public record MouldUse(long casts, double heldH) {}

  /** How much each mould was used between two moments. */
  @Transactional(readOnly = true)
  public Map<Long, MouldUse> use(Instant from, Instant to) {
    Map<Long, MouldUse> use = new HashMap<>();
    for (CastRepository.Held held : casts.emptiedSince(from)) {
      use.put(held.mouldId(), new MouldUse(held.casts(), held.seconds() / 3_600));
    }
    for (CastView cast : held()) {
      boolean before = cast.filledAt().isBefore(from);
      double heldH = Duration.between(before ? from : cast.filledAt(), to).toSeconds() / 3_600.0;
      use.merge(
          cast.mouldId(),
          new MouldUse(before ? 0 : 1, Math.max(0, heldH)),
          (a, b) -> new MouldUse(a.casts + b.casts, a.heldH + b.heldH));
    }
    return use;
  }

  /** The cast that a copy holds now. */
  @Transactional(readOnly = true)
  public CastView heldIn(long copyId) {
    return views(casts.findByCopyIdInAndEmptiedAtIsNull(List.of(copyId))).stream()
        .findFirst()
        .orElseThrow(() -> ProblemException.conflict("copy.empty", Map.of("copy", copyId)));
  }

  /** All casts that are in their moulds now, oldest first. */
  @Transactional(readOnly = true)
  public List<CastView> held() {
    return casts.held();
  }

  @Transactional(readOnly = true)
  public List<CastView> byIds(Collection<Long> ids) {
    return views(casts.findAllById(ids));
  }

  private List<CastView> views(List<Cast> some) {
    Map<Long, Copy> byId =
        copies.findAllById(some.stream().map(Cast::copyId).toList()).stream()
            .collect(toMap(Copy::id, identity()));
    return some.stream().map(c -> c.view(byId.get(c.copyId()))).toList();
  }

  private Cast entity(long id) {
    return casts.findById(id).orElseThrow(() -> ProblemException.unknown("cast", id));
  }
}
