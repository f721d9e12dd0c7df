package ironshelf.material;

/**
 * Somebody wants to retire a material. Whoever needs it refuses by a {@link
 * ironshelf.http.problem.ProblemException}, which ends the act.
 */
public record MaterialRetiring(long materialId, String name) {}
