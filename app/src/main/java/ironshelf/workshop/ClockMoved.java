package ironshelf.workshop;

import java.time.Instant;

/** The demo's clock was set ahead: what would have happened in between is to be made up. */
public record ClockMoved(Instant from, Instant to) {}
