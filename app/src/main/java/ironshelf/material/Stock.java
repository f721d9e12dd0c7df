package ironshelf.material;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.math.BigDecimal;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is left of materials, by their lots' movements. */
@Service
@Transactional(readOnly = true)
public class Stock {

  private static final int LAST_LOTS = 12;

  private final MaterialService materials;
  private final LotRepository lots;
  private final CachedRead<List<LotRepository.Remaining>> rests;

  Stock(MaterialService materials, LotRepository lots, TableVersions changes) {
    this.materials = materials;
    this.lots = lots;
    this.rests = changes.keep(() -> lots.remaining(materials.all().keySet()), "lots", "movements");
  }

  /** What is left of these materials: each is there, those without a lot with nought. */
  public Map<Long, BigDecimal> remainingKg(Collection<Long> materialIds) {
    Map<Long, BigDecimal> remaining = new LinkedHashMap<>();
    materialIds.forEach(id -> remaining.put(id, BigDecimal.ZERO));
    rests(remaining.keySet())
        .forEach(rest -> remaining.merge(rest.materialId(), rest.kg(), BigDecimal::add));
    return remaining;
  }

  /** What is left of each lot of these materials. */
  private List<LotRepository.Remaining> rests(Collection<Long> materialIds) {
    return CachedRead.isWriting()
        ? lots.remaining(materialIds)
        : rests.get().stream().filter(r -> materialIds.contains(r.materialId())).toList();
  }

  /** The whole stock by name. */
  public List<StockView> all() {
    Collection<MaterialView> all = materials.all().values();
    Map<Long, List<LotRepository.Remaining>> rests =
        rests(materials.all().keySet()).stream()
            .collect(groupingBy(LotRepository.Remaining::materialId));
    Map<Long, Lot> lotsById = new LinkedHashMap<>();
    lots.findAllById(
            rests.values().stream()
                .flatMap(Stock::told)
                .map(LotRepository.Remaining::lotId)
                .toList())
        .forEach(lot -> lotsById.put(lot.id(), lot));
    return all.stream()
        .map(
            material -> {
              List<LotRepository.Remaining> mine = rests.getOrDefault(material.id(), List.of());
              return StockView.of(
                  material,
                  sum(mine),
                  told(mine).map(r -> lotsById.get(r.lotId()).view(r.kg())).toList());
            })
        .sorted(java.util.Comparator.comparing(s -> s.material().name()))
        .toList();
  }

  /** Lots that have something left, and the last ones; years of empty ones are not told. */
  private static Stream<LotRepository.Remaining> told(List<LotRepository.Remaining> rests) {
    int lastFrom = rests.size() - LAST_LOTS;
    return IntStream.range(0, rests.size())
        .filter(i -> i >= lastFrom || rests.get(i).kg().signum() != 0)
        .mapToObj(rests::get);
  }

  public static BigDecimal sum(List<LotRepository.Remaining> rests) {
    return rests.stream().map(LotRepository.Remaining::kg).reduce(BigDecimal.ZERO, BigDecimal::add);
  }
}
