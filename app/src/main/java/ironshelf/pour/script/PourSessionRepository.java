package ironshelf.pour.script;

import ironshelf.core.pour.script.PourState;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PourSessionRepository extends JpaRepository<PourSession, Long> {

  /** One bench's facts at a time: another waits until they are kept. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select s from PourSession s where s.pourId = :pourId")
  Optional<PourSession> toChange(long pourId);

  /** How far a pour is. */
  record Stand(long pourId, PourState.Status status) {}

  @Query(
      """
      select new ironshelf.pour.script.PourSessionRepository$Stand(s.pourId, s.status)
      from PourSession s where s.pourId in :pourIds
      """)
  List<Stand> stands(Collection<Long> pourIds);

  List<PourSession> findByStatusOrderByOpenedAt(PourState.Status status);

  /** First bowls of pours, by when they were poured and how far they are. */
  String POURS =
      """
      select p.id from Pour p
      where p.besideId is null
        and (:from is null or p.pouredAt >= :from) and (:to is null or p.pouredAt < :to)
        and (:undone is null or (:undone = true and p.undoneAt is not null)
          or (:undone = false and p.undoneAt is null))
        and (:status is null
          or exists (select 1 from PourSession s where s.pourId = p.id and s.status = :status)
          or (:recorded = true
            and not exists (select 1 from PourSession s where s.pourId = p.id)))
        and (:colourwayId is null or p.colourwayId = :colourwayId)
      """;

  String LATEST_FIRST = " order by p.besideId, p.pouredAt desc, p.id desc";

  /** First bowls of all pours; with nothing to choose by the database begins at the newest. */
  @Query("select p.id from Pour p where p.besideId is null" + LATEST_FIRST)
  Page<Long> newest(Pageable page);

  /**
   * The latest first.
   *
   * @param status null: any; pours of before sessions were kept are recorded
   * @param undone null: whether or not
   */
  @Query(POURS + LATEST_FIRST)
  Page<Long> all(
      @Nullable Instant from,
      @Nullable Instant to,
      @Nullable Boolean undone,
      PourState.@Nullable Status status,
      boolean recorded,
      @Nullable Long colourwayId,
      Pageable page);

  /** Those of them that have to do with one of these, or with the copy of that code. */
  @Query(
      POURS
          + """
        and (p.recipeId in :recipes or p.colourwayId in :colourways
          or exists (select 1 from PourFill f join Cast c on c.id = f.castId
            join Copy k on k.id = c.copyId
            where f.pourId = p.id and (f.productId in :products or upper(k.code) = :code)))
      """
          + LATEST_FIRST)
  Page<Long> search(
      @Nullable Instant from,
      @Nullable Instant to,
      @Nullable Boolean undone,
      PourState.@Nullable Status status,
      boolean recorded,
      Collection<Long> recipes,
      Collection<Long> colourways,
      Collection<Long> products,
      String code,
      @Nullable Long colourwayId,
      Pageable page);
}
