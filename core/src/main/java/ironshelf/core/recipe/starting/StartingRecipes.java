package ironshelf.core.recipe.starting;

import ironshelf.core.quantity.ShippedTable;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.Placement;
import ironshelf.core.recipe.WaterWindow;
import java.io.IOException;
import java.io.Reader;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * The recipes shipped, from {@code starting-recipes.csv} beside this class, read strictly. Parts
 * stand as {@code material BASIS amount}, with semicolons between.
 */
public final class StartingRecipes {

  private static final StartingRecipes SHIPPED = table();

  private final Map<String, StartingRecipe> byCode;

  private StartingRecipes(Map<String, StartingRecipe> byCode) {
    this.byCode = byCode;
  }

  /** Returns the table that ships with the application. */
  public static StartingRecipes shipped() {
    return SHIPPED;
  }

  private static StartingRecipes table() {
    return new StartingRecipes(
        ShippedTable.byCode(
            ShippedTable.rows(
                StartingRecipes.class, "starting-recipes.csv", StartingRecipes::recipe),
            StartingRecipe::code));
  }

  /** Reads a table of the same form. */
  static StartingRecipes read(Reader in) throws IOException {
    return new StartingRecipes(
        ShippedTable.byCode(
            ShippedTable.rows("starting recipes", in, StartingRecipes::recipe),
            StartingRecipe::code));
  }

  private static StartingRecipe recipe(CSVRecord row) {
    return new StartingRecipe(
        row.get("code"),
        row.get("name"),
        row.get("school"),
        row.get("placing"),
        Placement.valueOf(row.get("placement")),
        row.get("caution"),
        row.get("strength_class"),
        Addition.valueOf(row.get("addition")),
        number(row, "air_percent"),
        number(row, "yield_factor"),
        optional(row, "batch_yield_l"),
        number(row, "working_min"),
        number(row, "mix_min"),
        new WaterWindow(number(row, "water_least"), number(row, "water_most")),
        number(row, "demould_age_h"),
        optional(row, "green_until_h"),
        number(row, "seal_after_h"),
        optional(row, "strength_28_mpa"),
        List.of(row.get("families").split(" ", -1)),
        parts(row.get("parts")),
        row.get("source"));
  }

  private static double number(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }

  private static @Nullable Double optional(CSVRecord row, String column) {
    return row.get(column).isEmpty() ? null : Double.valueOf(row.get(column));
  }

  private static List<StartingRecipe.StartingPart> parts(String cell) {
    return Arrays.stream(cell.split(";", -1))
        .map(part -> part.strip().split(" ", 3))
        .map(
            w -> {
              if (w.length != 3) {
                throw new IllegalArgumentException("parts \"" + cell + "\" cannot be read");
              }
              return new StartingRecipe.StartingPart(
                  w[0], Basis.valueOf(w[1]), Double.parseDouble(w[2]));
            })
        .toList();
  }

  public Optional<StartingRecipe> find(String code) {
    return Optional.ofNullable(byCode.get(code));
  }

  public List<StartingRecipe> all() {
    return List.copyOf(byCode.values());
  }
}
