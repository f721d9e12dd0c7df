package ironshelf.recipe.colourway;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** One pigment's dose in a colourway. */
@Entity
@Table(name = "colourway_pigments")
class ColourwayPigment {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private int position;
  private long materialId;
  private double percentOfBinder;

  protected ColourwayPigment() {}

  ColourwayPigment(int position, long materialId, double percentOfBinder) {
    this.position = position;
    this.materialId = materialId;
    this.percentOfBinder = percentOfBinder;
  }

  long materialId() {
    return materialId;
  }

  double percentOfBinder() {
    return percentOfBinder;
  }
}
