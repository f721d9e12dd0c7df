package ironshelf.mould;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.WallKind;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A design: its solids, its kind, how it is prepared. */
@Entity
@Table(name = "moulds")
class MouldEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private String family;
  private String kind;

  @Enumerated(EnumType.STRING)
  private WallKind wallKind;

  @JdbcTypeCode(SqlTypes.JSON)
  private MouldShape shape;

  private double coreMassKg;
  private double leastWallMm;
  private int expectedCasts;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<String> preparation;

  @Version private long version;

  protected MouldEntity() {}

  MouldEntity(NewMould from) {
    this.name = from.name();
    this.family = from.family();
    this.kind = from.kind();
    this.wallKind = from.wallKind();
    this.shape = from.shape();
    this.coreMassKg = from.coreMassKg();
    this.leastWallMm = from.leastWallMm();
    this.expectedCasts = from.expectedCasts();
    this.preparation = from.preparation();
  }

  Long id() {
    return id;
  }

  MouldView view(List<CopyView> copies) {
    return new MouldView(
        id,
        name,
        family,
        kind,
        wallKind,
        shape,
        Section.of(shape),
        coreMassKg,
        leastWallMm,
        expectedCasts,
        preparation,
        copies);
  }
}
