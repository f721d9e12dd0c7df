package ironshelf.copy;

import ironshelf.core.mould.wear.DefectTest;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.LocalDate;
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
  private @Nullable LocalDate boughtOn;
  private @Nullable BigDecimal boughtFor;
  private @Nullable String place;
  private @Nullable Double emptyKg;

  @Enumerated(EnumType.STRING)
  private CopyCondition condition;

  @Version private long version;

  protected Copy() {}

  Copy(long mouldId, CopyRequest from) {
    this.mouldId = mouldId;
    this.condition = CopyCondition.GOOD;
    change(from);
  }

  final void change(CopyRequest to) {
    this.code = to.code().strip();
    this.castsBefore = (int) Math.round(to.castsBefore());
    this.boughtOn = to.boughtOn();
    this.boughtFor = to.boughtFor();
    this.place = to.place();
    this.emptyKg = to.emptyKg();
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

  CopyRequest request() {
    return new CopyRequest(code, castsBefore, place, boughtOn, boughtFor, emptyKg);
  }

  CopyView view(
      long finishedCasts, @Nullable CastView held, boolean washDue, @Nullable DefectTest defects) {
    return new CopyView(
        id,
        code,
        version,
        condition,
        castsBefore + finishedCasts,
        held,
        washDue,
        place,
        boughtOn,
        boughtFor,
        emptyKg,
        defects);
  }
}
