package ironshelf.copy;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CastRepository extends JpaRepository<Cast, Long> {

  /** How many casts of a copy are finished. */
  record Finished(long copyId, long casts) {}

  @Query(
      """
      select new ironshelf.copy.CastRepository$Finished(c.copyId, count(c))
      from Cast c where c.copyId in :copyIds and c.emptiedAt is not null group by c.copyId
      """)
  List<Finished> finished(Collection<Long> copyIds);

  /** The same of some casts only. */
  @Query(
      """
      select new ironshelf.copy.CastRepository$Finished(c.copyId, count(c))
      from Cast c where c.copyId in :copyIds and c.emptiedAt is not null and c.id in :castIds
      group by c.copyId
      """)
  List<Finished> finishedAmong(Collection<Long> copyIds, Collection<Long> castIds);

  /** Emptied and not yet washed. */
  @Query(
      """
      select c from Cast c
      where c.copyId in :copyIds and c.emptiedAt is not null and c.washedAt is null
      """)
  List<Cast> unwashed(Collection<Long> copyIds);

  List<Cast> findByCopyIdOrderByFilledAtDesc(long copyId);

  List<Cast> findByCopyIdInAndEmptiedAtIsNull(Collection<Long> copyIds);

  /** Castings that were still in these copies at a moment, and have left them since. */
  @Query("select c from Cast c where c.copyId in :copyIds and c.emptiedAt > :at order by c.id")
  List<Cast> leftAfter(Collection<Long> copyIds, Instant at);

  List<Cast> findByPourIdOrderById(long pourId);

  /** How often and how long a mould was held. */
  record HeldSpan(long mouldId, Instant filledAt, @Nullable Instant emptiedAt) {}

  @Query(
      """
      select new ironshelf.copy.CastRepository$HeldSpan(k.mouldId, c.filledAt, c.emptiedAt)
      from Cast c, Copy k where k.id = c.copyId
        and (c.emptiedAt is null or c.emptiedAt > :since)
      """)
  List<HeldSpan> heldSince(Instant since);

  /** All casts that are in their moulds, with their copies, oldest first. */
  @Query(
      """
      select new ironshelf.copy.CastView(
          c.id, c.version, c.copyId, k.code, k.mouldId, c.pourId, c.filledAt)
      from Cast c, Copy k where k.id = c.copyId and c.emptiedAt is null order by c.id
      """)
  List<CastView> held();
}
