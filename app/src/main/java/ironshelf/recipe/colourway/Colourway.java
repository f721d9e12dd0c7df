package ironshelf.recipe.colourway;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;

/** A recipe's pigments at given doses, with its own water offset. */
@Entity
@Table(name = "colourways")
public class Colourway {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long recipeId;
  private int versionNo = 1;
  private String name;

  @org.hibernate.annotations.JdbcTypeCode(org.hibernate.type.SqlTypes.CHAR)
  private String swatch;

  private double waterOffsetPercent;

  @OneToMany(cascade = CascadeType.ALL, orphanRemoval = true, fetch = FetchType.LAZY)
  @JoinColumn(name = "colourway_id", nullable = false)
  @OrderBy("position")
  private List<ColourwayPigment> pigments = new ArrayList<>();

  protected Colourway() {}

  public Colourway(long recipeId, String name, String swatch, double waterOffsetPercent) {
    this.recipeId = recipeId;
    this.name = name;
    this.swatch = swatch;
    this.waterOffsetPercent = waterOffsetPercent;
  }

  /** Becomes its next version; pours that were made keep theirs. */
  public void change(String name, String swatch, double waterOffsetPercent) {
    this.versionNo++;
    this.name = name;
    this.swatch = swatch;
    this.waterOffsetPercent = waterOffsetPercent;
    pigments.clear();
  }

  public void dose(long materialId, double percentOfBinder) {
    pigments.add(new ColourwayPigment(pigments.size(), materialId, percentOfBinder));
  }

  public Long id() {
    return id;
  }

  double waterOffsetPercent() {
    return waterOffsetPercent;
  }

  List<ColourwayPigment> pigments() {
    return pigments;
  }

  public ColourwayView view() {
    return new ColourwayView(
        id,
        recipeId,
        versionNo,
        name,
        swatch,
        waterOffsetPercent,
        pigments.stream()
            .map(p -> new ColourwayView.Dose(p.materialId(), p.percentOfBinder()))
            .toList());
  }
}
