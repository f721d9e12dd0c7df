package ironshelf.lettering;

import ironshelf.core.lettering.StampSet;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** A set of stamps that the shop has. */
@Entity
@Table(name = "stamp_sets")
class StampSetEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private double heightMm;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private Map<String, Double> widthsMm;

  @Version private long version;

  protected StampSetEntity() {}

  StampSetEntity(StampSetRequest wanted) {
    change(wanted);
  }

  final void change(StampSetRequest wanted) {
    this.name = wanted.name().strip();
    this.heightMm = wanted.stamps().heightMm();
    this.widthsMm = wanted.stamps().widthsMm();
  }

  long version() {
    return version;
  }

  StampSetView view() {
    return new StampSetView(id, version, name, new StampSet(heightMm, widthsMm));
  }
}
