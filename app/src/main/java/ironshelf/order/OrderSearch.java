package ironshelf.order;

import static java.util.Objects.requireNonNull;

import jakarta.persistence.criteria.CriteriaBuilder;
import jakarta.persistence.criteria.CriteriaQuery;
import jakarta.persistence.criteria.Expression;
import jakarta.persistence.criteria.Path;
import jakarta.persistence.criteria.Predicate;
import jakarta.persistence.criteria.Root;
import jakarta.persistence.criteria.Subquery;
import java.util.Collection;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.domain.Specification;

/**
 * Which orders a search finds. As criteria, because the query language's parser takes seconds over
 * conditions nested that deep, at the first use after every start.
 *
 * @param words that stand anywhere on the order, in lower case; empty: any
 * @param ids of orders that something else of theirs was found by
 * @param customers whose name has the words, likewise {@code products} and {@code colourways}
 */
record OrderSearch(
    String words,
    Collection<Long> ids,
    Collection<Long> customers,
    Collection<Long> products,
    Collection<Long> colourways,
    Which which)
    implements Specification<OrderEntity> {

  private static final char ESCAPE = '\\';

  @Override
  public Predicate toPredicate(
      Root<OrderEntity> order, @Nullable CriteriaQuery<?> query, CriteriaBuilder is) {
    CriteriaQuery<?> of = requireNonNull(query);
    Predicate found = words.isEmpty() ? is.conjunction() : found(order, of, is);
    return is.and(found, stands(order, of, is));
  }

  private Predicate found(Root<OrderEntity> order, CriteriaQuery<?> query, CriteriaBuilder is) {
    Subquery<Integer> sub = query.subquery(Integer.class);
    Root<OrderLine> line = sub.from(OrderLine.class);
    Predicate ofIt =
        is.or(
            line.get("productId").in(products),
            line.get("colourwayId").in(colourways),
            has(line.get("note"), is));
    sub.select(is.literal(1)).where(ofOrder(line, order, is), ofIt);
    return is.or(
        has(order.get("number"), is),
        has(order.get("note"), is),
        order.get("id").in(ids),
        order.get("customerId").in(customers),
        is.exists(sub));
  }

  private Predicate stands(Root<OrderEntity> order, CriteriaQuery<?> query, CriteriaBuilder is) {
    Predicate quote = is.isTrue(order.get("quote"));
    Predicate kept = is.isNull(order.get("cancelledAt"));
    return switch (which) {
      case ALL -> is.conjunction();
      case QUOTES -> is.and(quote, kept);
      case OPEN -> is.and(quote.not(), kept, unsent(order, query, is));
      case CLOSED -> is.or(kept.not(), is.and(quote.not(), unsent(order, query, is).not()));
    };
  }

  /** Whether something of it is still to be sent. */
  private static Predicate unsent(
      Root<OrderEntity> order, CriteriaQuery<?> query, CriteriaBuilder is) {
    Subquery<Integer> some = query.subquery(Integer.class);
    Root<OrderLine> line = some.from(OrderLine.class);
    Subquery<Long> sent = some.subquery(Long.class);
    Root<Allotment> allotment = sent.from(Allotment.class);
    sent.select(is.count(allotment))
        .where(
            is.equal(allotment.get("lineId"), line.get("id")),
            is.isNotNull(allotment.get("sentAt")));
    Expression<Long> wanted =
        is.diff(line.<Integer>get("quantity"), line.<Integer>get("refunded")).as(Long.class);
    some.select(is.literal(1)).where(ofOrder(line, order, is), is.gt(wanted, sent));
    return is.exists(some);
  }

  private static Predicate ofOrder(
      Root<OrderLine> line, Root<OrderEntity> order, CriteriaBuilder is) {
    return is.and(is.equal(line.get("order"), order), is.isNull(line.get("cancelledAt")));
  }

  private Predicate has(Path<String> text, CriteriaBuilder is) {
    String literal = words.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    return is.like(is.lower(text), "%" + literal + "%", ESCAPE);
  }
}
