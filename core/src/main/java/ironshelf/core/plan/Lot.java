package ironshelf.core.plan;

/**
 * So many casts of one demand that are laid one after the other: what a plan is an order of.
 *
 * @param demand its number in the request, from 0
 * @param no of the lots of that demand, from 0
 */
public record Lot(int demand, int no, int casts) {}
