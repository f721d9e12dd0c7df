package ironshelf.workshop;

import static java.util.Objects.requireNonNull;

import ironshelf.core.plan.OpenHours;
import ironshelf.core.quantity.CupSize;
import ironshelf.core.quantity.style.UnitSystem;
import ironshelf.style.ClockStyle;
import ironshelf.style.ScaleUnit;
import ironshelf.style.ShopStyle;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** The one row about the shop. */
@Entity
@Table(name = "workshop")
class Workshop {

  static final long ONLY_ID = 1;

  @Id private long id = ONLY_ID;

  private String name;
  private boolean demo;
  private double roomC;
  private double mixerL;
  private double scoopL;
  private double wastePercent;
  private BigDecimal ratePerHour;

  @Enumerated(EnumType.STRING)
  private CupSize cup;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private OpenHours hours;

  private int people;

  /** Hours of work saved for which a line may be a day later. */
  private double lateDayWorthH;

  private @Nullable String address;
  private double scaleG;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private List<String> families;

  private boolean setUp;

  @Enumerated(EnumType.STRING)
  private UnitSystem units;

  @Enumerated(EnumType.STRING)
  private ScaleUnit scaleUnit;

  private String currency;

  @Enumerated(EnumType.STRING)
  private ClockStyle clock;

  @Enumerated(EnumType.STRING)
  private DayOfWeek firstDay;

  /** None: that of the machine. */
  private @Nullable String zone;

  @Column(name = "clock_ahead_s")
  private long clockAheadS;

  @Version private long version;

  protected Workshop() {}

  /** A shop with the usual measures: 20 °C, a 12 L mixer, a 1 L scoop, 8 % waste, one person. */
  Workshop(String name, boolean demo) {
    this.name = name;
    this.demo = demo;
    this.roomC = 20;
    this.mixerL = 12;
    this.scoopL = 1;
    this.wastePercent = 8;
    this.lateDayWorthH = 4;
    this.ratePerHour = new BigDecimal("20.00");
    this.cup = CupSize.US;
    this.hours = WorkshopChange.USUAL_HOURS;
    this.people = 1;
    this.scaleG = 1;
    this.families = List.of();
    this.setUp = demo;
    write(ShopStyle.USUAL);
  }

  private void write(ShopStyle style) {
    this.units = requireNonNull(style.units());
    this.scaleUnit = requireNonNull(style.scaleUnit());
    this.currency = requireNonNull(style.currency());
    this.clock = requireNonNull(style.clock());
    this.firstDay = requireNonNull(style.firstDay());
    this.zone = style.zone();
  }

  ShopStyle style() {
    return new ShopStyle(units, scaleUnit, currency, clock, firstDay, zone);
  }

  void change(WorkshopChange to) {
    this.name = to.name().strip();
    this.roomC = to.roomC();
    this.mixerL = to.mixerL();
    this.scoopL = to.scoopL();
    this.wastePercent = to.wastePercent();
    this.ratePerHour = requireNonNull(to.ratePerHour());
    this.cup = requireNonNull(to.cup());
    this.hours = requireNonNull(to.hours());
    this.people = to.people();
    this.lateDayWorthH = to.lateDayWorthH() == null ? lateDayWorthH : to.lateDayWorthH();
    this.address = to.address();
    this.scaleG = to.scaleG();
    this.families = to.families() == null ? families : to.families();
    this.setUp = to.setUp() == null ? setUp : to.setUp();
    if (to.style() != null) {
      write(to.style());
    }
  }

  long version() {
    return version;
  }

  void moveClock(long aheadS) {
    this.clockAheadS = aheadS;
  }

  long clockAheadS() {
    return clockAheadS;
  }

  boolean demo() {
    return demo;
  }

  WorkshopView view(java.time.Instant now, java.time.Duration machineIsBehind) {
    return new WorkshopView(
        version,
        name,
        demo,
        now,
        roomC,
        mixerL,
        scoopL,
        wastePercent,
        ratePerHour,
        cup,
        hours,
        people,
        lateDayWorthH,
        address,
        scaleG,
        families,
        setUp,
        style(),
        machineIsBehind.isZero() ? null : machineIsBehind.toMinutes());
  }
}
