package ironshelf.product;

/**
 * A product is made of another recipe from now on. Whoever holds its colourways takes them along in
 * the same transaction, or refuses by a {@link ironshelf.http.ProblemException}.
 */
public record ProductRecipeChanged(ProductView product) {}
