package ironshelf.route;

import ironshelf.core.route.Effect;
import ironshelf.core.route.StepKind;
import ironshelf.core.route.Wetting;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;
import org.jspecify.annotations.Nullable;

/** A kind of step that a shop made its own. What it does never changes, its words may. */
@Entity
@Table(name = "step_kinds")
class StepKindEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String code;
  private String todo;
  private String done;
  private boolean waits;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private List<Effect> effects;

  @Enumerated(EnumType.STRING)
  private @Nullable Wetting wetting;

  @Version private long version;

  protected StepKindEntity() {}

  StepKindEntity(StepKind kind) {
    this.code = kind.code();
    this.todo = kind.todo();
    this.done = kind.done();
    this.waits = kind.waits();
    this.effects = kind.effects().stream().sorted().toList();
    this.wetting = kind.wetting();
  }

  void say(String todo, String done) {
    this.todo = todo;
    this.done = done;
  }

  long version() {
    return version;
  }

  StepKind kind() {
    return new StepKind(code, todo, done, waits, Set.copyOf(effects), wetting);
  }

  StepKindView view(boolean used) {
    return StepKindView.own(kind(), used, id, version);
  }
}
