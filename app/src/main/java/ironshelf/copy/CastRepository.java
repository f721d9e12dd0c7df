package ironshelf.copy;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CastRepository extends JpaRepository<Cast, Long> {

  /** How many casts of a copy are finished. */
  record Finished(long copyId, long casts) {}

  @Query(
      """
      select new ironshelf.copy.CastRepository$Finished(c.copyId, count(c))
      from Cast c where c.emptiedAt is not null group by c.copyId
      """)
  List<Finished> finished();

  /** The same of those of which at least one piece was scrap. */
  @Query(
      """
      select new ironshelf.copy.CastRepository$Finished(c.copyId, count(distinct c.id))
      from Piece p join Cast c on c.id = p.castId
      where p.scrappedAt > :since and p.scrapReason is not null and c.emptiedAt is not null
      group by c.copyId
      """)
  List<Finished> bad(Instant since);

  /** Emptied and not yet washed. */
  @Query(
      """
      select c from Cast c
      where c.copyId in :copyIds and c.emptiedAt is not null and c.washedAt is null
      """)
  List<Cast> unwashed(Collection<Long> copyIds);

  /** Copies with a cast that was emptied and not yet washed. */
  @Query("select c.copyId from Cast c where c.emptiedAt is not null and c.washedAt is null")
  Set<Long> unwashedCopies();

  /** Those of them that are in use and hold nothing, the longest dirty first. */
  @Query(
      """
      select new ironshelf.copy.DirtyCopy(k.id, k.code, k.mouldId, max(c.emptiedAt))
      from Cast c join Copy k on k.id = c.copyId
      where c.emptiedAt is not null and c.washedAt is null
        and k.condition = ironshelf.copy.CopyCondition.GOOD
        and not exists (select 1 from Cast h where h.copyId = k.id and h.emptiedAt is null)
      group by k.id, k.code, k.mouldId
      order by max(c.emptiedAt), k.id
      """)
  List<DirtyCopy> dirty();

  List<Cast> findByCopyIdOrderByFilledAtDesc(long copyId, Limit most);

  long countByCopyId(long copyId);

  List<Cast> findByCopyIdInAndEmptiedAtIsNull(Collection<Long> copyIds);

  List<Cast> findByEmptiedAtIsNull();

  /** Castings that were still in these copies at a moment, and have left them since. */
  @Query(
      """
      select new ironshelf.copy.CastRepository$Left(c.copyId, c.emptiedAt)
      from Cast c where c.copyId in :copyIds and c.emptiedAt > :at order by c.id
      """)
  List<Left> leftAfter(Collection<Long> copyIds, Instant at);

  /** When a casting left its copy. */
  record Left(long copyId, Instant emptiedAt) {}

  List<Cast> findByPourIdOrderById(long pourId);

  /**
   * How often a mould's copies were filled and how long they were held, of what was emptied.
   *
   * @param seconds of all together
   */
  record Held(long mouldId, long casts, double seconds) {}

  @Query(
      """
      select new ironshelf.copy.CastRepository$Held(
          k.mouldId,
          sum(case when c.filledAt < :since then 0L else 1L end),
          sum(timestampdiff(second,
              case when c.filledAt < :since then :since else c.filledAt end, c.emptiedAt)) * 1.0)
      from Cast c, Copy k where k.id = c.copyId and c.emptiedAt > :since group by k.mouldId
      """)
  List<Held> emptiedSince(Instant since);

  /** All casts that are in their moulds, with their copies, oldest first. */
  @Query(
      """
      select new ironshelf.copy.CastView(
          c.id, c.version, c.copyId, k.code, k.mouldId, c.pourId, c.filledAt)
      from Cast c, Copy k where k.id = c.copyId and c.emptiedAt is null order by c.id
      """)
  List<CastView> held();
}
