package ironshelf.piece;

import ironshelf.store.OfPour;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One thing that came of a cast. */
@Entity
@Table(name = "pieces")
class Piece implements OfPour {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long castId;
  private long pourId;
  private long productId;
  private long colourwayId;
  private long routeId;
  private @Nullable Long lastStepId;
  private @Nullable Instant demouldedAt;
  private @Nullable Instant readyAt;
  private @Nullable Double ageAtOutH;
  private @Nullable Double ageAtReadyH;
  private @Nullable Instant scrappedAt;
  private @Nullable Instant sentAt;
  private @Nullable Long joinedInto;
  private @Nullable Long joinedStep;
  private @Nullable BigDecimal massKg;
  private @Nullable Integer weighedWith;
  private @Nullable String scrapReason;

  @Enumerated(EnumType.STRING)
  private @Nullable Grade grade;

  @Version private long version;

  protected Piece() {}

  Piece(long castId, long pourId, long productId, long colourwayId, long routeId) {
    this.castId = castId;
    this.pourId = pourId;
    this.productId = productId;
    this.colourwayId = colourwayId;
    this.routeId = routeId;
  }

  Long id() {
    return id;
  }

  long castId() {
    return castId;
  }

  @Nullable Long lastStepId() {
    return lastStepId;
  }

  boolean isScrap() {
    return scrapReason != null;
  }

  boolean isOut() {
    return demouldedAt != null;
  }

  /** Moves it to a step that was done to it, or back to the one before. */
  void standAt(@Nullable Long stepId) {
    this.lastStepId = stepId;
  }

  /** What the scale said last; null: that it never stood on one. */
  void weighed(@Nullable PieceStep step) {
    this.massKg = step == null ? null : step.massKg();
    this.weighedWith = step == null ? null : step.weighedWith();
  }

  void out(Instant at, @Nullable Double ageH) {
    this.demouldedAt = at;
    this.ageAtOutH = ageH;
  }

  long routeId() {
    return routeId;
  }

  void goOn(long route) {
    this.routeId = route;
  }

  /** It goes into another cast; gives the one that it was in. */
  EarlierCast putInto(long cast, long actId) {
    EarlierCast before = new EarlierCast(id, castId, actId, demouldedAt, ageAtOutH);
    this.castId = cast;
    this.demouldedAt = null;
    this.ageAtOutH = null;
    return before;
  }

  /** It stands as it did before it was put into a mould again. */
  void takenBack(EarlierCast before) {
    this.castId = before.castId();
    this.demouldedAt = before.demouldedAt();
    this.ageAtOutH = before.ageAtOutH();
  }

  /** It was not taken out after all. */
  void in() {
    this.demouldedAt = null;
    this.ageAtOutH = null;
  }

  void ready(@Nullable Instant at) {
    this.readyAt = at;
    this.ageAtReadyH = null;
  }

  void keepAge(double whenReadyH) {
    this.ageAtReadyH = whenReadyH;
  }

  boolean isJoined() {
    return joinedInto != null;
  }

  /** It is a part of another piece from that piece's step on. */
  void join(long into, long stepId) {
    this.joinedInto = into;
    this.joinedStep = stepId;
  }

  /** It was not joined after all. */
  void part() {
    this.joinedInto = null;
    this.joinedStep = null;
  }

  boolean isSent() {
    return sentAt != null;
  }

  void sent(@Nullable Instant at) {
    this.sentAt = at;
  }

  void scrap(String reason, Instant at) {
    this.scrapReason = reason;
    this.scrappedAt = at;
  }

  void unscrap() {
    this.scrapReason = null;
    this.scrappedAt = null;
  }

  void grade(@Nullable Grade to) {
    this.grade = to;
  }

  @Nullable BigDecimal massKg() {
    return massKg;
  }

  PieceView view() {
    return new PieceView(
        id,
        castId,
        pourId,
        productId,
        colourwayId,
        routeId,
        demouldedAt,
        readyAt,
        ageAtOutH,
        ageAtReadyH,
        massKg,
        weighedWith,
        grade,
        scrapReason,
        sentAt,
        joinedInto);
  }

  @Override
  public Long pourOf() {
    return pourId;
  }

  @Override
  public Long castOf() {
    return castId;
  }
}
