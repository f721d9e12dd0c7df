package ironshelf.copy;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import ironshelf.core.quantity.Findings;
import ironshelf.http.ProblemException;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
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
  public record Worn(long casts, int wornCopies) {}

  private final CopyRepository copies;
  private final CastRepository casts;
  private final CopyMarkRepository marks;
  private final PieceService pieces;

  CopyService(
      CopyRepository copies, CastRepository casts, CopyMarkRepository marks, PieceService pieces) {
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
    List<Cast> all = casts.findByCopyIdOrderByFilledAtDesc(id);
    Map<Long, List<PieceView>> made =
        pieces.ofCasts(all.stream().map(Cast::id).toList()).stream()
            .collect(groupingBy(PieceView::castId));
    CopyView view =
        views(List.of(copy.mouldId())).get(copy.mouldId()).stream()
            .filter(c -> c.id() == id)
            .findFirst()
            .orElseThrow();
    return new CopyHistory(
        view,
        copy.mouldId(),
        all.stream().map(c -> c.history(made.getOrDefault(c.id(), List.of()))).toList(),
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
    List<Long> ids = all.stream().map(Copy::id).toList();
    Map<Long, Long> finished = finished(ids);
    Map<Long, Long> bad =
        casts.finishedAmong(ids, pieces.castsWithScrap()).stream()
            .collect(toMap(CastRepository.Finished::copyId, CastRepository.Finished::casts));
    Map<Long, Cast> held =
        casts.findByCopyIdInAndEmptiedAtIsNull(ids).stream()
            .collect(toMap(Cast::copyId, identity()));
    Set<Long> unwashed = casts.unwashed(ids).stream().map(Cast::copyId).collect(toSet());
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
    List<Copy> all = copies.findByMouldIdInOrderByMouldIdAscIdAsc(mouldIds);
    Map<Long, Long> finished = finished(all.stream().map(Copy::id).toList());
    long total =
        all.stream()
            .mapToLong(c -> c.view(finished.getOrDefault(c.id(), 0L), null, false, null).casts())
            .sum();
    long wornOut =
        all.stream().filter(c -> c.condition() == CopyCondition.WORN).collect(counting());
    return new Worn(total, (int) wornOut);
  }

  private Map<Long, Long> finished(List<Long> copyIds) {
    return casts.finished(copyIds).stream()
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
