package ironshelf.act;

/**
 * That an act was done and is kept.
 *
 * @param kind what it was
 */
public record ActDone(String kind) {}
