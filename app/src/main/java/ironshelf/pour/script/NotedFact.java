package ironshelf.pour.script;

import ironshelf.core.pour.script.PourFact;
import ironshelf.store.OfPour;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** A fact of a pour as it was noted. Never changed. */
@Entity
@Table(name = "pour_facts")
class NotedFact implements OfPour {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long pourId;
  private String factKey;
  private Instant notedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private PourFact fact;

  protected NotedFact() {}

  NotedFact(long pourId, PourFact fact, Instant notedAt) {
    this.pourId = pourId;
    this.factKey = fact.key();
    this.notedAt = notedAt;
    this.fact = fact;
  }

  @Override
  public Long pourOf() {
    return pourId;
  }

  PourFact fact() {
    return fact;
  }
}
