package ironshelf.material;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.joining;

import ironshelf.core.material.Amount;
import ironshelf.core.material.Role;
import ironshelf.core.material.StartingMaterial;
import ironshelf.core.material.StartingMaterials;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.QuantityReader;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.quantity.style.UnitSystem;
import ironshelf.http.PageOf;
import ironshelf.http.problem.ProblemException;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Materials and their stock. */
@Service
@Transactional
public class MaterialService {

  private static final int OPENED_BINDER_KEEPS_MONTHS = 3;
  private static final int PRICE_SCALE = 6;
  private static final int CODE_STEM = 30;

  private final MaterialRepository materials;
  private final LotRepository lots;
  private final MovementRepository movements;
  private final WorkshopService workshop;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private final CachedRead<Map<Long, MaterialView>> all;

  MaterialService(
      MaterialRepository materials,
      LotRepository lots,
      MovementRepository movements,
      WorkshopService workshop,
      ApplicationEventPublisher events,
      Clock clock,
      TableVersions changes) {
    this.materials = materials;
    this.lots = lots;
    this.movements = movements;
    this.workshop = workshop;
    this.events = events;
    this.clock = clock;
    this.all = changes.keep(this::readAll, "materials", "lots");
  }

  /** The materials that can be taken into the shop, as they are sold where its units are used. */
  @Transactional(readOnly = true)
  public List<StartingMaterial> shipped() {
    UnitSystem units = requireNonNull(workshop.view().style().units());
    return StartingMaterials.shipped().all().stream().map(m -> m.soldIn(units)).toList();
  }

  /** One of the materials shipped, taken into the shop if it is not there yet. */
  public MaterialView adoptOnce(String code) {
    Material known = materials.findByCode(code).orElse(null);
    if (known != null) {
      known.retire(false);
      return view(known);
    }
    StartingMaterial shipped =
        StartingMaterials.shipped()
            .find(code)
            .orElseThrow(() -> ProblemException.unknown("shipped material", code));
    UnitSystem units = requireNonNull(workshop.view().style().units());
    return view(materials.save(new Material(shipped.soldIn(units), quantities())));
  }

  /** Keeps a material of the shop's own. */
  public MaterialView add(MaterialRequest material) {
    refuseTaken(material, 0);
    double scoopL = workshop.view().scoopL();
    return view(
        materials.save(
            new Material(freeCode(material.name()), withPack(material, scoopL), scoopL)));
  }

  private String freeCode(String name) {
    String stem = name.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    stem = stem.replaceAll("^-|-$", "");
    stem = "own-" + stem.substring(0, Math.min(stem.length(), CODE_STEM));
    String code = stem;
    for (int i = 2; materials.findByCode(code).isPresent(); i++) {
      code = stem + "-" + i;
    }
    return code;
  }

  /** What a pack holds is read from its words where it was not said. */
  private MaterialRequest withPack(MaterialRequest material, double scoopL) {
    if (material.pack() == null || material.packKg() != null) {
      return material;
    }
    Amount.Basis basis = new Amount.Basis(material.bulkOrScoop(scoopL), null, material.pieceG());
    try {
      return material.withPackKg(Amount.pack(material.pack(), basis, quantities()).massKg());
    } catch (RefusedException e) {
      throw new RefusedException(
          e.findings().stream().map(f -> new Finding(f.code(), "pack", f.params())).toList());
    }
  }

  private void refuseTaken(MaterialRequest wanted, long ownId) {
    materials
        .findByNameIgnoreCase(wanted.name().strip())
        .filter(other -> other.id() != ownId)
        .ifPresent(
            other -> {
              throw ProblemException.conflict(
                  "name.taken", Map.of("what", "material", "value", wanted.name()));
            });
  }

  /**
   * Retires a material, or takes it up again. Whoever still needs it refuses.
   *
   * @see MaterialRetiring
   */
  public MaterialView retire(long id, boolean retired) {
    Material material = entity(id);
    if (retired) {
      events.publishEvent(new MaterialRetiring(id, material.view(null).name()));
    }
    material.retire(retired);
    return view(material);
  }

  /** Reads how much of a material somebody means. */
  @Transactional(readOnly = true)
  public Amount amount(long id, String text) {
    return Amount.delivered(text, byId(id).amounts(), quantities());
  }

  private QuantityReader quantities() {
    return workshop.view().quantities(null);
  }

  private MaterialView view(Material material) {
    return views(List.of(material)).get(0);
  }

  private List<MaterialView> views(Collection<Material> some) {
    Map<Long, BigDecimal> perKg = new HashMap<>();
    lots.lastPrices(some.stream().map(Material::id).toList())
        .forEach(
            p ->
                perKg.put(
                    p.materialId(),
                    p.price().divide(p.massKg(), PRICE_SCALE, RoundingMode.HALF_UP)));
    return some.stream().map(m -> m.view(perKg.get(m.id()))).toList();
  }

  private Material entity(long id) {
    return materials.findById(id).orElseThrow(() -> ProblemException.unknown("material", id));
  }

  /** Books a delivery. */
  public void receive(long materialId, String lotCode, BigDecimal massKg, Instant at) {
    receive(materialId, lotCode, massKg, at, null, null);
  }

  /**
   * Books a delivery.
   *
   * @param lotCode null: the next one of that material
   * @param staleOn the last day it should be used; null where it keeps
   * @param price paid for all of it; null where it is not known
   */
  public void receive(
      long materialId,
      @Nullable String lotCode,
      BigDecimal massKg,
      Instant at,
      @Nullable LocalDate staleOn,
      @Nullable BigDecimal price) {
    Material material = entity(materialId);
    String code = lotCode == null ? nextLot(material.code()) : lotCode;
    if (lots.existsByCode(code)) {
      throw ProblemException.conflict("name.taken", Map.of("what", "lot", "value", code));
    }
    material.retire(false);
    Lot lot =
        lots.save(
            new Lot(materialId, code, dayOf(at), staleOn, price, view(material).pricePerKg()));
    movements.save(new Movement(lot.id(), MovementKind.RECEIVED, massKg, at, TakenFor.NOTHING));
  }

  /** A lot that nobody booked: what is taken from it stands at less than nothing. */
  public Lot unbooked(long materialId, Instant at) {
    return lots.save(
        new Lot(
            materialId,
            nextLot(entity(materialId).code()),
            dayOf(at),
            null,
            null,
            byId(materialId).pricePerKg()));
  }

  /** The initials of a material and the next free number: {@code PG-3}. */
  private String nextLot(String materialCode) {
    String stem =
        Arrays.stream(materialCode.replaceFirst("^own-", "").split("-"))
            .filter(w -> !w.isEmpty())
            .map(w -> w.substring(0, 1).toUpperCase(Locale.ROOT))
            .collect(joining());
    int number = 1;
    while (lots.existsByCode(stem + "-" + number)) {
      number++;
    }
    return stem + "-" + number;
  }

  private LocalDate dayOf(Instant at) {
    return at.atZone(clock.getZone()).toLocalDate();
  }

  /** Keeps what the shop knows better; one level scoop says the loose density. */
  public MaterialView change(long id, long seenVersion, MaterialRequest to) {
    Material material = entity(id);
    if (material.version() != seenVersion) {
      throw ProblemException.stale();
    }
    refuseTaken(to, id);
    MaterialView was = material.view(null);
    if (was.role() != to.role()) {
      events.publishEvent(new MaterialRoleChanging(id, was.name()));
    }
    double scoopL = workshop.view().scoopL();
    material.change(withPack(to, scoopL), scoopL);
    return view(materials.saveAndFlush(material));
  }

  /** Opens a lot: binder goes stale three months after (common practice). */
  public void open(long lotId, Instant at) {
    Lot lot = lot(lotId);
    boolean binder = byId(lot.materialId()).role() == Role.BINDER;
    LocalDate today = dayOf(at);
    lot.open(today, binder ? today.plusMonths(OPENED_BINDER_KEEPS_MONTHS) : null);
  }

  /** Books what a count found: the difference to the books, with its reason. */
  public void count(long lotId, BigDecimal foundKg, String reason, Instant at) {
    adjust(lotId, MovementKind.COUNTED, foundKg.subtract(remainingOf(lotId)), reason, at);
  }

  /** Books what was spilt, set or thrown away. */
  public void waste(long lotId, BigDecimal massKg, String reason, Instant at) {
    BigDecimal stock = remainingOf(lotId);
    if (massKg.compareTo(stock) > 0) {
      throw ProblemException.conflict(
          "stock.wasteTooMuch",
          Map.of("asked", massKg.doubleValue(), "stock", stock.doubleValue()));
    }
    adjust(lotId, MovementKind.WASTED, massKg.negate(), reason, at);
  }

  private void adjust(
      long lotId, MovementKind kind, BigDecimal changeKg, String reason, Instant at) {
    if (changeKg.signum() != 0) {
      movements.save(Movement.because(lotId, kind, changeKg, at, reason));
    }
  }

  /** What is left of a lot, which nobody else moves from now on. */
  private BigDecimal remainingOf(long lotId) {
    lots.findByMaterialIdInOrderById(List.of(lot(lotId).materialId()));
    return lots.remaining(List.of(lot(lotId).materialId())).stream()
        .filter(r -> r.lotId() == lotId)
        .map(LotRepository.Remaining::kg)
        .findFirst()
        .orElse(BigDecimal.ZERO);
  }

  private Lot lot(long id) {
    return lots.findById(id).orElseThrow(() -> ProblemException.unknown("lot", id));
  }

  /** What was done to a material's lots, newest first. */
  @Transactional(readOnly = true)
  public PageOf<MovementView> movements(long materialId, Pageable page) {
    byId(materialId);
    return PageOf.of(movements.ofMaterial(materialId, page), Movement::view);
  }

  /** All materials by id. */
  @Transactional(readOnly = true)
  public Map<Long, MaterialView> all() {
    return all.get();
  }

  private Map<Long, MaterialView> readAll() {
    Map<Long, MaterialView> byId = new LinkedHashMap<>();
    views(materials.findAll()).forEach(m -> byId.put(m.id(), m));
    return Collections.unmodifiableMap(byId);
  }

  @Transactional(readOnly = true)
  public Map<Long, MaterialView> byIds(Collection<Long> ids) {
    Map<Long, MaterialView> byId = new LinkedHashMap<>();
    views(materials.findAllById(ids)).forEach(m -> byId.put(m.id(), m));
    return byId;
  }

  @Transactional(readOnly = true)
  public MaterialView byId(long id) {
    return view(entity(id));
  }
}
