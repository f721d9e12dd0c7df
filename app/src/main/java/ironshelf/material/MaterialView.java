package ironshelf.material;

import ironshelf.core.material.Role;
import org.jspecify.annotations.Nullable;

/** A material as others see it. */
public record MaterialView(
    long id,
    String code,
    String name,
    Role role,
    double relativeDensity,
    double bulkDensityKgM3,
    @Nullable Double packKg,
    String source) {}
