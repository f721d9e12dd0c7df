package ironshelf.inspect;

import ironshelf.core.piece.cause.FactName;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/** A look at a piece. Never changed; what was wrong may be mended later. */
@Entity
@EntityListeners(AuditingEntityListener.class)
@Table(name = "inspections")
class Inspection {

  private static final String SCRAP = "SCRAP";

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long pieceId;
  private @Nullable Long actId;
  private Instant inspectedAt;
  private String grade;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private List<SeenDefect> defects;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private Map<FactName, Double> told;

  private @Nullable String note;
  private @Nullable Instant mendedAt;

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  protected Inspection() {}

  Inspection(long pieceId, @Nullable Long actId, Instant at, InspectRequest from) {
    this.pieceId = pieceId;
    this.actId = actId;
    this.inspectedAt = at;
    this.grade = from.grade() == null ? SCRAP : from.grade().name();
    this.defects = from.defects() == null ? List.of() : from.defects();
    this.told = from.told() == null ? Map.of() : from.told();
    this.note = from.note();
  }

  long pieceId() {
    return pieceId;
  }

  void mend(Instant at) {
    this.mendedAt = at;
  }

  InspectionView view() {
    return new InspectionView(
        id, pieceId, actId, inspectedAt, grade.equals(SCRAP), defects, told, note, mendedAt, who);
  }
}
