package ironshelf.person;

import ironshelf.access.Role;
import org.jspecify.annotations.Nullable;

/**
 * Somebody as they are to be.
 *
 * @param name up to 60 characters
 * @param role owner or maker
 * @param password a new one; null leaves what is there
 * @param pin a new one of 4 to 8 digits; null leaves what is there
 */
record PersonRequest(
    @Nullable String name, @Nullable Role role, @Nullable String password, @Nullable String pin) {}
