package ironshelf.route;

import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.StepKinds;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.Mutability;
import org.hibernate.type.SqlTypes;
import org.hibernate.type.descriptor.java.Immutability;

/** A route of a product, from a moment on. */
@Entity
@Table(name = "routes")
class RouteEntity {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long productId;

  @JdbcTypeCode(SqlTypes.JSON)
  @Mutability(Immutability.class)
  private List<RouteStep> steps;

  private Instant madeAt;

  protected RouteEntity() {}

  RouteEntity(long productId, Route route, Instant madeAt) {
    this.productId = productId;
    this.steps = route.steps();
    this.madeAt = madeAt;
  }

  Long id() {
    return id;
  }

  RouteView view(StepKinds kinds) {
    return new RouteView(id, productId, new Route(steps, kinds), madeAt);
  }
}
