package ironshelf.material;

import static java.util.Objects.requireNonNull;

import ironshelf.core.material.Amount;
import ironshelf.core.material.BinderBag;
import ironshelf.core.material.Role;
import ironshelf.core.material.StartingMaterial;
import ironshelf.core.quantity.QuantityReader;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** Something bought and used up. */
@Entity
@Table(name = "materials")
class Material {

  /** A liquid has no voids between its grains, as powders and sands do. */
  private static final double LIQUID_SHARE = 0.95;

  /** Densities that differ by less are the same. */
  private static final double SAME_KG_M3 = 1e-6;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String code;
  private String name;

  @Enumerated(EnumType.STRING)
  private Role role;

  private double relativeDensity;
  private double bulkDensityKgM3;
  private double solidsPercent;
  private double cementPercent;
  private @Nullable Double largestGrainMm;
  private @Nullable String pack;
  private @Nullable Double packKg;
  private @Nullable Double pieceG;
  private @Nullable BigDecimal pricePerPack;

  @Column(name = "measured_bulk_kg_m3")
  private @Nullable Double measuredBulkKgM3;

  private @Nullable Double spoonG;
  private double moisturePercent;
  private double absorptionPercent;
  private int leadDays;
  private @Nullable String note;
  private String source;
  private boolean retired;
  @Version private long version;

  protected Material() {}

  /** One of the materials shipped. */
  Material(StartingMaterial from, QuantityReader quantities) {
    this.code = from.code();
    this.name = from.name();
    this.role = from.role();
    this.relativeDensity = from.relativeDensity();
    this.bulkDensityKgM3 = from.bulkDensityKgM3();
    this.solidsPercent = from.solidsPercent();
    this.cementPercent = from.cementPercent();
    this.largestGrainMm = from.largestGrainMm();
    this.pieceG = from.pieceG();
    this.leadDays = from.leadDays();
    this.note = from.note().isEmpty() ? null : from.note();
    this.source = from.source();
    if (!from.pack().isEmpty()) {
      this.pack = from.pack();
      this.packKg =
          Amount.pack(
                  from.pack(), new Amount.Basis(bulkDensityKgM3, null, from.pieceG()), quantities)
              .massKg();
    }
  }

  /** The shop's own. */
  Material(String code, MaterialRequest from, double scoopL) {
    this.code = code;
    this.source = "this shop";
    this.bulkDensityKgM3 = from.bulkOrScoop(scoopL);
    change(from, scoopL);
  }

  Long id() {
    return id;
  }

  long version() {
    return version;
  }

  String code() {
    return code;
  }

  boolean retired() {
    return retired;
  }

  void retire(boolean so) {
    this.retired = so;
  }

  final void change(MaterialRequest to, double scoopL) {
    this.name = to.name().strip();
    this.role = requireNonNull(to.role());
    this.relativeDensity = to.relativeDensity();
    this.solidsPercent = to.solidsPercent();
    this.cementPercent = to.cementPercent();
    this.largestGrainMm = to.largestGrainMm();
    this.pack = to.pack();
    this.packKg = to.packKg();
    this.pieceG = to.pieceG();
    this.pricePerPack = to.pricePerPack();
    this.spoonG = to.spoonG();
    this.moisturePercent = to.moisturePercent();
    this.absorptionPercent = to.absorptionPercent();
    this.leadDays = (int) to.leadDays();
    this.note = to.note();
    if (to.scoopKg() != null) {
      this.measuredBulkKgM3 = to.scoopKg() / scoopL * 1000;
    } else if (to.bulkDensityKgM3() != null
        && Math.abs(to.bulkDensityKgM3() - bulkKgM3()) > SAME_KG_M3) {
      this.bulkDensityKgM3 = to.bulkDensityKgM3();
      this.measuredBulkKgM3 = null;
    }
  }

  private double bulkKgM3() {
    return measuredBulkKgM3 == null ? bulkDensityKgM3 : measuredBulkKgM3;
  }

  MaterialView view(@Nullable BigDecimal lastLotPerKg) {
    BinderBag bag = MaterialView.bag(role, packKg, cementPercent);
    return new MaterialView(
        id,
        version,
        code,
        name,
        role,
        relativeDensity,
        bulkKgM3(),
        measuredBulkKgM3 != null,
        solidsPercent,
        cementPercent,
        bag == null ? null : bag.cementKg(),
        largestGrainMm,
        pack,
        packKg,
        pieceG,
        pricePerPack,
        lastLotPerKg,
        spoonG,
        moisturePercent,
        absorptionPercent,
        leadDays,
        bulkDensityKgM3 >= LIQUID_SHARE * relativeDensity * 1000,
        note,
        source,
        retired);
  }
}
