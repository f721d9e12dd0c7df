package ironshelf.customer;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import ironshelf.http.problem.ProblemException;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Customers. */
@Service
@Transactional
public class CustomerService {

  private final CustomerRepository customers;

  private final CachedRead<List<CustomerView>> all;

  CustomerService(CustomerRepository customers, TableVersions changes) {
    this.customers = customers;
    this.all =
        changes.keep(
            () -> customers.findAllByOrderByName().stream().map(Customer::view).toList(),
            "customers");
  }

  public CustomerView add(CustomerRequest customer) {
    customers
        .findByNameIgnoreCase(customer.name().strip())
        .ifPresent(other -> refuseTaken(customer.name()));
    return customers.save(new Customer(customer)).view();
  }

  public CustomerView change(long id, long seenVersion, CustomerRequest to) {
    Customer customer = entity(id);
    if (customer.version() != seenVersion) {
      throw ProblemException.stale();
    }
    customers
        .findByNameIgnoreCase(to.name().strip())
        .filter(other -> other.view().id() != id)
        .ifPresent(other -> refuseTaken(to.name()));
    customer.change(to);
    return customers.saveAndFlush(customer).view();
  }

  /** The customer of that name, who is taken on where there is none. */
  public CustomerView named(CustomerRequest wanted) {
    return customers
        .findByNameIgnoreCase(wanted.name().strip())
        .map(Customer::view)
        .orElseGet(() -> add(wanted));
  }

  @Transactional(readOnly = true)
  public CustomerView customer(long id) {
    return entity(id).view();
  }

  @Transactional(readOnly = true)
  public List<CustomerView> all() {
    return all.get();
  }

  @Transactional(readOnly = true)
  public Map<Long, CustomerView> byId() {
    return all().stream().collect(toMap(CustomerView::id, identity()));
  }

  private static void refuseTaken(String name) {
    throw ProblemException.conflict("name.taken", Map.of("what", "customer", "value", name));
  }

  private Customer entity(long id) {
    return customers.findById(id).orElseThrow(() -> ProblemException.unknown("customer", id));
  }
}
