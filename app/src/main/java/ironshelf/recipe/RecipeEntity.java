package ironshelf.recipe;

import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.WaterWindow;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
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
import org.jspecify.annotations.Nullable;

/** One version of a recipe. Never changed: pours keep the version they used. */
@Entity
@Table(name = "recipes")
class RecipeEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private int versionNo;

  @Enumerated(EnumType.STRING)
  private Addition addition;

  private double airPercent;
  private double yieldFactor;

  @Column(name = "working_min_at20_c")
  private double workingMinAt20C;

  private double mixMin;
  private double waterLeast;
  private double waterMost;
  private double demouldAgeH;
  private @Nullable Double greenUntilAgeH;
  private double sealAfterH;

  @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY)
  @JoinColumn(name = "recipe_id", nullable = false)
  @OrderBy("position")
  private List<RecipeIngredient> ingredients = new ArrayList<>();

  protected RecipeEntity() {}

  RecipeEntity(NewRecipe from) {
    this.name = from.name();
    this.versionNo = 1;
    this.addition = from.addition();
    this.airPercent = from.airPercent();
    this.yieldFactor = 1;
    this.workingMinAt20C = from.workingMinAt20C();
    this.mixMin = from.mixMin();
    this.waterLeast = from.water().leastPercent();
    this.waterMost = from.water().mostPercent();
    this.demouldAgeH = from.demouldAgeH();
    this.greenUntilAgeH = from.greenUntilAgeH();
    this.sealAfterH = from.sealAfterH();
    int position = 0;
    for (NewRecipe.Part part : from.parts()) {
      ingredients.add(
          new RecipeIngredient(position++, part.materialId(), part.basis(), part.amount()));
    }
  }

  Long id() {
    return id;
  }

  double airPercent() {
    return airPercent;
  }

  double yieldFactor() {
    return yieldFactor;
  }

  WaterWindow water() {
    return new WaterWindow(waterLeast, waterMost);
  }

  List<RecipeIngredient> ingredients() {
    return ingredients;
  }

  RecipeView view() {
    return new RecipeView(
        id,
        name,
        versionNo,
        addition,
        workingMinAt20C,
        mixMin,
        demouldAgeH,
        greenUntilAgeH,
        sealAfterH);
  }
}
