package ironshelf.customer;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** Who orders. */
@Entity
@Table(name = "customers")
class Customer {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private @Nullable String address;
  private @Nullable String email;
  @Version private long version;

  protected Customer() {}

  Customer(CustomerRequest from) {
    change(from);
  }

  final void change(CustomerRequest to) {
    this.name = to.name().strip();
    this.address = to.address();
    this.email = to.email();
  }

  long version() {
    return version;
  }

  CustomerView view() {
    return new CustomerView(id, version, name, address, email);
  }
}
