package ironshelf.access;

/** What somebody is to the shop. Each may do all that those below may. */
public enum Role {
  /** Looks at the shelf on a screen. */
  DOOR,
  /** Works at bench, shelf and stock, without prices. */
  MAKER,
  /** Everything, with money, people and backups. */
  OWNER;

  /** Whether it may do what needs another. */
  public boolean covers(Role needed) {
    return compareTo(needed) >= 0;
  }
}
