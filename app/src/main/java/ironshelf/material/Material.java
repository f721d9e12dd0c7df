package ironshelf.material;

import ironshelf.core.material.Role;
import ironshelf.core.material.StartingMaterial;
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

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String code;
  private String name;

  @Enumerated(EnumType.STRING)
  private Role role;

  private double relativeDensity;
  private double bulkDensityKgM3;
  private @Nullable Double packKg;
  private @Nullable BigDecimal pricePerPack;

  @Column(name = "measured_bulk_kg_m3")
  private @Nullable Double measuredBulkKgM3;

  private @Nullable Double spoonG;
  private double moisturePercent;
  private double absorptionPercent;
  private int leadDays = 5;
  private String source;
  @Version private long version;

  protected Material() {}

  Material(StartingMaterial from, @Nullable Double packKg) {
    this.code = from.code();
    this.name = from.name();
    this.role = from.role();
    this.relativeDensity = from.relativeDensity();
    this.bulkDensityKgM3 = from.bulkDensityKgM3();
    this.packKg = packKg;
    this.source = from.source();
  }

  Long id() {
    return id;
  }

  long version() {
    return version;
  }

  void change(MaterialChange to, double scoopL) {
    this.packKg = to.packKg();
    this.pricePerPack = to.pricePerPack();
    this.spoonG = to.spoonG();
    this.moisturePercent = to.moisturePercent();
    this.absorptionPercent = to.absorptionPercent();
    this.leadDays = (int) to.leadDays();
    if (to.scoopKg() != null) {
      this.measuredBulkKgM3 = to.scoopKg() / scoopL * 1000;
    }
  }

  MaterialView view() {
    return new MaterialView(
        id,
        version,
        code,
        name,
        role,
        relativeDensity,
        measuredBulkKgM3 == null ? bulkDensityKgM3 : measuredBulkKgM3,
        measuredBulkKgM3 != null,
        packKg,
        pricePerPack,
        spoonG,
        moisturePercent,
        absorptionPercent,
        leadDays,
        bulkDensityKgM3 >= LIQUID_SHARE * relativeDensity * 1000,
        source);
  }
}
