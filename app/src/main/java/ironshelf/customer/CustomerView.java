package ironshelf.customer;

import org.jspecify.annotations.Nullable;

/** A customer as others see it. */
public record CustomerView(
    long id, long version, String name, @Nullable String address, @Nullable String email) {}
