package ironshelf.plan;

import ironshelf.plan.basis.PlanContent;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A plan that was made. What the search or the facts make of it the same day replaces it. */
@Entity
@Table(name = "plans")
class PlanEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Instant madeAt;

  @Enumerated(EnumType.STRING)
  private PlanCause cause;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private PlanContent content;

  private @Nullable Instant undoneAt;

  protected PlanEntity() {}

  PlanEntity(Instant madeAt, PlanCause cause, PlanContent content) {
    this.madeAt = madeAt;
    this.cause = cause;
    this.content = content;
  }

  Long id() {
    return id;
  }

  Instant madeAt() {
    return madeAt;
  }

  PlanCause cause() {
    return cause;
  }

  PlanContent content() {
    return content;
  }

  void replace(Instant at, PlanContent with) {
    madeAt = at;
    content = with;
  }

  void undo(Instant at) {
    undoneAt = at;
  }
}
