package ironshelf.recipe.colourway;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** What a colourway was before it was changed. Never changed itself. */
@Entity
@Table(name = "colourway_versions")
class ColourwayVersion {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long colourwayId;
  private int versionNo;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private ColourwayView was;

  protected ColourwayVersion() {}

  ColourwayVersion(ColourwayView was) {
    this.colourwayId = was.id();
    this.versionNo = was.versionNo();
    this.was = was;
  }

  ColourwayView was() {
    return was;
  }
}
