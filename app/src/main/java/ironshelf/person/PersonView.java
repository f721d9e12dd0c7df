package ironshelf.person;

import ironshelf.access.Role;

/** Somebody who works here. Neither password nor PIN is ever told. */
public record PersonView(
    long id, long version, String name, Role role, boolean hasPassword, boolean hasPin) {}
