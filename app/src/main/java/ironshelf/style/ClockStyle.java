package ironshelf.style;

/** How a time of day is written. */
public enum ClockStyle {
  /** 19:30. */
  H24,
  /** 7:30 pm. */
  H12
}
