package ironshelf.person;

import ironshelf.access.Role;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Somebody who works here, or did. */
@Entity
@Table(name = "people")
class Person {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  @Enumerated(EnumType.STRING)
  private Role role;

  private @Nullable String passwordHash;
  private @Nullable String pinHash;
  private @Nullable Instant leftAt;
  private int tries;
  private @Nullable Instant notBefore;

  @Version private long version;

  protected Person() {}

  Person(String name, Role role) {
    this.name = name;
    this.role = role;
  }

  void call(String name, Role role) {
    this.name = name;
    this.role = role;
  }

  void password(String hash) {
    this.passwordHash = hash;
    forgive();
  }

  void pin(String hash) {
    this.pinHash = hash;
    forgive();
  }

  void leave(Instant at) {
    this.leftAt = at;
  }

  /** A try is counted before it is looked at, so that many at once count too. */
  void tried(@Nullable Instant nextNotBefore) {
    this.tries++;
    this.notBefore = nextNotBefore;
  }

  void forgive() {
    this.tries = 0;
    this.notBefore = null;
  }

  Long id() {
    return id;
  }

  String name() {
    return name;
  }

  Role role() {
    return role;
  }

  @Nullable String passwordHash() {
    return passwordHash;
  }

  @Nullable String pinHash() {
    return pinHash;
  }

  int tries() {
    return tries;
  }

  @Nullable Instant notBefore() {
    return notBefore;
  }

  long version() {
    return version;
  }

  PersonView view() {
    return new PersonView(id, version, name, role, passwordHash != null, pinHash != null);
  }
}
