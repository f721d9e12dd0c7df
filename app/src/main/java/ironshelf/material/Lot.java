package ironshelf.material;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** One delivery of a material. What remains of it is the sum of its movements. */
@Entity
@Table(name = "lots")
class Lot {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long materialId;
  private String code;
  @Version private long version;

  protected Lot() {}

  Lot(long materialId, String code) {
    this.materialId = materialId;
    this.code = code;
  }

  Long id() {
    return id;
  }
}
