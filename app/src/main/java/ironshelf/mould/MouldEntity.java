package ironshelf.mould;

import static java.util.Objects.requireNonNull;

import ironshelf.copy.CopyView;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.WallKind;
import ironshelf.core.mould.wear.CastsExpected;
import ironshelf.core.mould.wear.Face;
import ironshelf.core.mould.wear.MouldKind;
import ironshelf.core.mould.wear.MouldKinds;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A design: its solids, its kind, how it is prepared. */
@Entity
@Table(name = "moulds")
class MouldEntity {

  private static final MouldKinds KINDS = MouldKinds.shipped();

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  @Enumerated(EnumType.STRING)
  private Family family;

  private String kind;

  @Enumerated(EnumType.STRING)
  private WallKind wallKind;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private MouldShape shape;

  private double coreMassKg;
  private double leastWallMm;
  private @Nullable BigDecimal price;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private List<String> preparation;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private List<Face> faces;

  @Version private long version;

  protected MouldEntity() {}

  MouldEntity(NewMould from) {
    change(from);
  }

  final void change(NewMould to) {
    this.name = to.name().strip();
    this.family = requireNonNull(to.family());
    this.kind = to.kind();
    this.wallKind = requireNonNull(to.wallKind());
    this.shape = requireNonNull(to.shape());
    this.coreMassKg = to.coreMassKg();
    this.leastWallMm = to.leastWallMm();
    this.preparation = requireNonNull(to.preparation());
    this.faces = requireNonNull(to.faces());
    this.price = to.price();
  }

  Long id() {
    return id;
  }

  long version() {
    return version;
  }

  String name() {
    return name;
  }

  MouldKind kind() {
    return KINDS.find(kind).orElseThrow();
  }

  DrawnMould drawn() {
    return new DrawnMould(
        id, version, name, shape.cavities(), shape.capacityL(), Section.of(shape));
  }

  MouldView view(List<CopyView> copies, CastsExpected expected, DrawnMould drawn) {
    return new MouldView(
        id,
        version,
        name,
        family,
        kind,
        kind().name(),
        wallKind,
        shape,
        drawn.section(),
        coreMassKg,
        leastWallMm,
        drawn.capacityL(),
        expected,
        price,
        price == null ? null : expected.wearPerCast(price),
        preparation,
        faces,
        copies);
  }
}
