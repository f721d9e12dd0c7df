package ironshelf.mould;

import ironshelf.core.mould.Section;

/**
 * What the shelf draws pieces from.
 *
 * @param capacityL of one cast
 */
public record DrawnMould(
    long id, long version, String name, int cavities, double capacityL, Section section) {}
