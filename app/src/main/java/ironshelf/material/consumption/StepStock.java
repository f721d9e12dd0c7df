package ironshelf.material.consumption;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.material.TakenFor;
import ironshelf.store.RangeReads;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What steps take from the lots for each piece, and what an undone step gives back. */
@Service
@Transactional
public class StepStock {

  private static final int SCALE = 4;

  private final StepTakeRepository takes;
  private final PourStock stock;
  private final LotPrices prices;

  StepStock(StepTakeRepository takes, PourStock stock, LotPrices prices) {
    this.takes = takes;
    this.stock = stock;
    this.prices = prices;
  }

  /**
   * Takes what pieces took at an act, the oldest lots first. A lot may go below zero: what went in
   * went in, and the count was wrong.
   *
   * @param kgByPiece by the piece and then the material
   */
  public void take(long actId, Map<Long, Map<Long, Double>> kgByPiece, Instant at) {
    Map<Long, BigDecimal> all = new LinkedHashMap<>();
    List<StepTake> own = new ArrayList<>();
    kgByPiece.forEach(
        (pieceId, byMaterial) ->
            byMaterial.forEach(
                (materialId, kg) -> {
                  BigDecimal mass = BigDecimal.valueOf(kg).setScale(SCALE, RoundingMode.HALF_UP);
                  if (mass.signum() > 0) {
                    own.add(new StepTake(actId, pieceId, materialId, mass));
                    all.merge(materialId, mass, BigDecimal::add);
                  }
                }));
    takes.saveAll(own);
    all.forEach((materialId, kg) -> stock.use(materialId, kg, at, new TakenFor(null, actId), true));
  }

  /** Gives back what an act took. */
  public void giveBack(long actId, Instant at) {
    List<StepTake> own = takes.findByActIdOrderById(actId);
    if (!own.isEmpty()) {
      stock.giveBackOfAct(actId, at);
      takes.deleteAll(own);
    }
  }

  /**
   * What a piece took at a step.
   *
   * @param cost null where no price is known
   */
  public record Taken(
      long pieceId, long actId, long materialId, BigDecimal massKg, @Nullable BigDecimal cost) {}

  /** What pieces took at their steps, by the piece. */
  @Transactional(readOnly = true)
  public Map<Long, List<Taken>> of(Collection<Long> pieceIds) {
    List<StepTake> own =
        RangeReads.read(
            pieceIds,
            takes::findByPieceIdInOrderById,
            takes::findByPieceIdBetweenOrderById,
            StepTake::pieceId);
    Map<Long, Map<Long, BigDecimal>> perKg =
        prices.ofActs(own.stream().map(StepTake::actId).distinct().toList());
    return own.stream()
        .map(
            t -> {
              BigDecimal price = perKg.getOrDefault(t.actId(), Map.of()).get(t.materialId());
              return new Taken(
                  t.pieceId(),
                  t.actId(),
                  t.materialId(),
                  t.massKg(),
                  price == null
                      ? null
                      : price.multiply(t.massKg()).setScale(SCALE, RoundingMode.HALF_UP));
            })
        .collect(groupingBy(Taken::pieceId));
  }
}
