package ironshelf.lettering;

import ironshelf.core.lettering.StampSet;

/** A set of stamps as others see it. */
public record StampSetView(long id, long version, String name, StampSet stamps) {}
