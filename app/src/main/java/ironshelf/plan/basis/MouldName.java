package ironshelf.plan.basis;

/** A mould, as it stands in a plan. */
public record MouldName(long mouldId) {

  private static final String BEFORE = "mould-";

  /**
   * Reads a name of a plan.
   *
   * @throws IllegalArgumentException where it is none
   */
  public static MouldName of(String written) {
    if (!written.startsWith(BEFORE)) {
      throw new IllegalArgumentException("no mould of a plan: " + written);
    }
    return new MouldName(Long.parseLong(written.substring(BEFORE.length())));
  }

  /** As it stands in the plan. */
  @Override
  public String toString() {
    return BEFORE + mouldId;
  }
}
