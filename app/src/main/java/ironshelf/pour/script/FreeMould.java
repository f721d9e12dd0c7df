package ironshelf.pour.script;

import java.util.List;

/**
 * A mould with free copies, and what a casting in it would become.
 *
 * @param copies their codes
 * @param litres that one takes when it is full
 * @param kg of the mix in the bowl that one takes
 * @param sameRecipe whether the product is made of the recipe that is poured
 * @param fill how many of them the rest of the bowl fills best; 0 where it is too little
 * @param fillFromPart how many of them are filled by what stands in copies that the mix ran short
 *     for; 0 where it is too little
 */
public record FreeMould(
    long mouldId,
    String mould,
    long productId,
    String product,
    List<String> copies,
    int cavities,
    double litres,
    double kg,
    boolean sameRecipe,
    int fill,
    int fillFromPart) {}
