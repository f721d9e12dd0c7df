package ironshelf.core.mould.solid;

/** One point of a half profile, in mm: distance from the axis, height over the floor. */
public record ProfilePoint(double rMm, double zMm) {}
