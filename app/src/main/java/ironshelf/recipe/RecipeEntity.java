package ironshelf.recipe;

import static java.util.Objects.requireNonNull;

import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Placement;
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
  private @Nullable Long firstId;
  private @Nullable String school;
  private @Nullable String placing;

  @Enumerated(EnumType.STRING)
  private Placement placement;

  private @Nullable String caution;
  private @Nullable String strengthClass;
  private @Nullable Double batchYieldL;
  private double retention;

  @Column(name = "strength28_mpa")
  private @Nullable Double strength28Mpa;

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

  /**
   * @param firstId the first version; null where this is it
   */
  RecipeEntity(NewRecipe from, @Nullable Long firstId, int versionNo) {
    this.name = from.name().strip();
    this.firstId = firstId;
    this.versionNo = versionNo;
    this.school = from.school();
    this.placing = from.placing();
    this.placement = requireNonNull(from.placement());
    this.caution = from.caution();
    this.strengthClass = from.strengthClass();
    this.batchYieldL = from.batchYieldL();
    this.retention = from.retention();
    this.strength28Mpa = from.strength28Mpa();
    this.addition = requireNonNull(from.addition());
    this.airPercent = from.airPercent();
    this.yieldFactor = from.yieldFactor();
    this.workingMinAt20C = from.workingMinAt20C();
    this.mixMin = from.mixMin();
    WaterWindow window = requireNonNull(from.water());
    this.waterLeast = window.leastPercent();
    this.waterMost = window.mostPercent();
    this.demouldAgeH = from.demouldAgeH();
    this.greenUntilAgeH = from.greenUntilAgeH();
    this.sealAfterH = from.sealAfterH();
    int position = 0;
    for (NewRecipe.RecipePart part : from.parts()) {
      ingredients.add(
          new RecipeIngredient(
              position++,
              requireNonNull(part.materialId()),
              requireNonNull(part.basis()),
              part.amount()));
    }
  }

  Long id() {
    return id;
  }

  long firstId() {
    return firstId == null ? id : firstId;
  }

  int versionNo() {
    return versionNo;
  }

  @Nullable Double batchYieldL() {
    return batchYieldL;
  }

  /** What of it can be changed, as it was kept. */
  NewRecipe kept() {
    return new NewRecipe(
        name,
        school,
        placing,
        placement,
        caution,
        strengthClass,
        addition,
        airPercent,
        yieldFactor,
        batchYieldL,
        workingMinAt20C,
        mixMin,
        water(),
        demouldAgeH,
        greenUntilAgeH,
        sealAfterH,
        retention,
        strength28Mpa,
        ingredients.stream()
            .map(i -> new NewRecipe.RecipePart(i.materialId(), i.basis(), i.amount()))
            .toList());
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
        firstId(),
        name,
        versionNo,
        school,
        placing,
        placement,
        caution,
        strengthClass,
        addition,
        workingMinAt20C,
        mixMin,
        demouldAgeH,
        greenUntilAgeH,
        sealAfterH,
        retention,
        strength28Mpa);
  }
}
