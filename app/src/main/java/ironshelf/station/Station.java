package ironshelf.station;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** A place with so much room. */
@Entity
@Table(name = "stations")
class Station {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String code;
  private String name;
  private @Nullable Integer pieces;
  private @Nullable Double litres;
  private boolean warm;
  @Version private long version;

  protected Station() {}

  void change(StationChange to) {
    this.name = to.name().strip();
    this.pieces = to.pieces();
    this.litres = to.litres();
  }

  long version() {
    return version;
  }

  StationView view() {
    return new StationView(id, version, code, name, pieces, litres, warm);
  }
}
