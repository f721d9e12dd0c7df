package ironshelf.person;

import ironshelf.access.Role;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface PersonRepository extends JpaRepository<Person, Long> {

  List<Person> findByLeftAtIsNullOrderByName();

  Optional<Person> findByIdAndLeftAtIsNull(long id);

  Optional<Person> findByNameIgnoreCase(String name);

  boolean existsByRoleAndLeftAtIsNullAndPasswordHashIsNotNullAndIdNot(Role role, long id);

  /** For a try at signing in: others wait, so that no two are counted as one. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<Person> findLockedByIdAndLeftAtIsNull(long id);
}
