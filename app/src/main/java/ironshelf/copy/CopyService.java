package ironshelf.copy;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import ironshelf.core.quantity.Findings;
import ironshelf.http.problem.ProblemException;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Copies: what is known of each. */
@Service
@Transactional
public class CopyService {

  private static final int CODE_LETTERS = 2;
  private static final int SMALL_WORD = 2;
  private static final Pattern NUMBERED = Pattern.compile("(.*?)(\\d{1,9})");

  /** How far the copies of a mould have come. */
  public record Worn(long casts, int wornCopies) {
    private static final Worn NONE = new Worn(0, 0);

    private Worn plus(Worn other) {
      return new Worn(casts + other.casts, wornCopies + other.wornCopies);
    }
  }

  /** A page of years of casts has no end. */
  private static final int TOLD = 100;

  private final CopyRepository copies;
  private final CastRepository casts;
  private final CopyMarkRepository marks;
  private final PieceService pieces;

  /** By the copy, how many casts of it are finished, and how many of them were scrap. */
  private final CachedRead<Map<Long, Long>> finished;

  private final CachedRead<Map<Long, Long>> bad;
  private final CachedRead<Map<Long, Worn>> worn;

  CopyService(
      CopyRepository copies,
      CastRepository casts,
      CopyMarkRepository marks,
      PieceService pieces,
      TableVersions changes) {
    this.finished = changes.keep(() -> byCopy(casts.finished()), "casts");
    this.worn = changes.keep(this::wornByMould, "casts", "copies");
    this.bad = changes.keep(() -> byCopy(casts.bad(Instant.EPOCH)), "casts", "pieces");
    this.copies = copies;
    this.casts = casts;
    this.marks = marks;
    this.pieces = pieces;
  }

  public long add(long mouldId, CopyRequest copy) {
    refuseTaken(copy, 0);
    return copies.save(new Copy(mouldId, copy)).id();
  }

  public void change(long id, long seenVersion, CopyRequest to) {
    Copy copy = seen(id, seenVersion);
    refuseTaken(to, id);
    copy.change(to);
  }

  /** Sets a copy's condition and keeps the reason. */
  public void mark(long id, long seenVersion, CopyCondition condition, String reason, Instant at) {
    new Findings().present("condition", condition).text("reason", reason, 200).orRefuse();
    seen(id, seenVersion).setCondition(condition);
    marks.save(new CopyMark(id, condition, reason, at));
  }

  /**
   * The next free code for a copy of a mould: the one after its newest copy's, or its initials and
   * a number where it has none.
   */
  @Transactional(readOnly = true)
  public String nextCode(long mouldId, String mould) {
    List<Copy> own = copies.findByMouldIdInOrderByMouldIdAscIdAsc(List.of(mouldId));
    Matcher newest =
        NUMBERED.matcher(own.isEmpty() ? "" : own.get(own.size() - 1).request().code());
    String stem = newest.matches() ? newest.group(1) : initials(mould);
    long number = newest.matches() ? Long.parseLong(newest.group(2)) + 1 : 1;
    while (copies.findByCode(stem + number).isPresent()) {
      number++;
    }
    return stem + number;
  }

  private static String initials(String mould) {
    String letters =
        Arrays.stream(mould.strip().split("[^\\p{L}\\p{N}]+"))
            .filter(w -> w.length() > SMALL_WORD)
            .limit(CODE_LETTERS)
            .map(w -> w.substring(0, 1).toUpperCase(Locale.ROOT))
            .collect(joining());
    return letters.isEmpty() ? "M" : letters;
  }

  /** The copy of that code. */
  @Transactional(readOnly = true)
  public java.util.Optional<CopyHistory> byCode(String code) {
    return copies.findByCode(code).map(copy -> history(copy.id()));
  }

  @Transactional(readOnly = true)
  public CopyHistory history(long id) {
    Copy copy = entity(id);
    List<Cast> latest = casts.findByCopyIdOrderByFilledAtDesc(id, Limit.of(TOLD));
    Map<Long, List<PieceView>> made =
        pieces.ofCasts(latest.stream().map(Cast::id).toList()).stream()
            .collect(groupingBy(PieceView::castId));
    CopyView view =
        views(List.of(copy.mouldId())).get(copy.mouldId()).stream()
            .filter(c -> c.id() == id)
            .findFirst()
            .orElseThrow();
    return new CopyHistory(
        view,
        copy.mouldId(),
        casts.countByCopyId(id),
        latest.stream().map(c -> c.history(made.getOrDefault(c.id(), List.of()))).toList(),
        marks.findByCopyIdOrderByMarkedAtDesc(id).stream().map(CopyMark::view).toList());
  }

  /** What is kept of a copy, to be changed or written out. */
  @Transactional(readOnly = true)
  public CopyRequest kept(long id) {
    return entity(id).request();
  }

  /** The copies of these moulds, by mould. */
  @Transactional(readOnly = true)
  public Map<Long, List<CopyView>> views(Collection<Long> mouldIds) {
    List<Copy> all = copies.findByMouldIdInOrderByMouldIdAscIdAsc(mouldIds);
    Map<Long, Long> finished = this.finished.get();
    Map<Long, Long> bad = this.bad.get();
    Map<Long, Cast> held =
        casts.findByEmptiedAtIsNull().stream().collect(toMap(Cast::copyId, identity()));
    Set<Long> unwashed = casts.unwashedCopies();
    Map<Long, Siblings> siblings = new LinkedHashMap<>();
    all.stream()
        .collect(groupingBy(Copy::mouldId))
        .forEach((mould, some) -> siblings.put(mould, Siblings.of(some, finished, bad)));
    return all.stream()
        .collect(
            groupingBy(
                Copy::mouldId,
                mapping(
                    copy -> {
                      Cast cast = held.get(copy.id());
                      return copy.view(
                          finished.getOrDefault(copy.id(), 0L),
                          cast == null ? null : cast.view(copy),
                          unwashed.contains(copy.id()) && cast == null,
                          siblings.get(copy.mouldId()).test(copy.id(), finished, bad));
                    },
                    toList())));
  }

  /** All casts of these moulds' copies and how many copies they wore out. */
  @Transactional(readOnly = true)
  public Worn worn(Collection<Long> mouldIds) {
    Map<Long, Worn> all = worn.get();
    return mouldIds.stream()
        .map(id -> all.getOrDefault(id, Worn.NONE))
        .reduce(Worn.NONE, Worn::plus);
  }

  /** By the mould. */
  private Map<Long, Worn> wornByMould() {
    Map<Long, Long> finished = this.finished.get();
    Map<Long, Worn> byMould = new LinkedHashMap<>();
    for (Copy copy : copies.findAll()) {
      long total = copy.view(finished.getOrDefault(copy.id(), 0L), null, false, null).casts();
      int out = copy.condition() == CopyCondition.WORN ? 1 : 0;
      byMould.merge(copy.mouldId(), new Worn(total, out), Worn::plus);
    }
    return byMould;
  }

  /** By the copy. */
  private static Map<Long, Long> byCopy(List<CastRepository.Finished> counts) {
    return counts.stream()
        .collect(toMap(CastRepository.Finished::copyId, CastRepository.Finished::casts));
  }

  private Copy seen(long id, long version) {
    Copy copy = entity(id);
    if (copy.version() != version) {
      throw ProblemException.stale();
    }
    return copy;
  }

  private void refuseTaken(CopyRequest wanted, long ownId) {
    copies
        .findByCode(wanted.code().strip())
        .filter(other -> other.id() != ownId)
        .ifPresent(
            other -> {
              throw ProblemException.conflict(
                  "name.taken", Map.of("what", "copy", "value", wanted.code()));
            });
  }

  private Copy entity(long id) {
    return copies.findById(id).orElseThrow(() -> ProblemException.unknown("copy", id));
  }
}
