package ironshelf.mould;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** One physical mould of a design. Whether it is free follows from its casts. */
@Entity
@Table(name = "copies")
class Copy {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long mouldId;
  private String code;
  private int castsBefore;

  @Enumerated(EnumType.STRING)
  private CopyCondition condition;

  @Version private long version;

  protected Copy() {}

  Copy(long mouldId, String code, int castsBefore) {
    this.mouldId = mouldId;
    this.code = code;
    this.castsBefore = castsBefore;
    this.condition = CopyCondition.GOOD;
  }

  void setCondition(CopyCondition condition) {
    this.condition = condition;
  }

  Long id() {
    return id;
  }

  long mouldId() {
    return mouldId;
  }

  String code() {
    return code;
  }

  CopyCondition condition() {
    return condition;
  }

  long version() {
    return version;
  }

  CopyView view(long finishedCasts, @Nullable CastView held) {
    return new CopyView(id, code, version, condition, castsBefore + finishedCasts, held);
  }
}
