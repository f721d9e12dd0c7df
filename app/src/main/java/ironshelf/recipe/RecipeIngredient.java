package ironshelf.recipe;

import ironshelf.core.recipe.Basis;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How much of one material a recipe takes; densities stay with the material. */
@Entity
@Table(name = "recipe_ingredients")
class RecipeIngredient {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private int position;
  private long materialId;

  @Enumerated(EnumType.STRING)
  private Basis basis;

  private double amount;

  protected RecipeIngredient() {}

  RecipeIngredient(int position, long materialId, Basis basis, double amount) {
    this.position = position;
    this.materialId = materialId;
    this.basis = basis;
    this.amount = amount;
  }

  long materialId() {
    return materialId;
  }

  Basis basis() {
    return basis;
  }

  double amount() {
    return amount;
  }
}
