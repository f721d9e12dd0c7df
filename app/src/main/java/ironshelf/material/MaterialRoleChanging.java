package ironshelf.material;

/**
 * Somebody wants to give a material another role. Whoever needs it in its own refuses by a {@link
 * ironshelf.http.problem.ProblemException}, which ends the act.
 */
public record MaterialRoleChanging(long materialId, String name) {}
