package ironshelf.folder;

/** The data folder, or a backup, cannot be used: what is wrong, and what can be done. */
public final class UnusableDataException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final String remedy;

  public UnusableDataException(String what, String remedy) {
    super(what);
    this.remedy = remedy;
  }

  public String remedy() {
    return remedy;
  }
}
