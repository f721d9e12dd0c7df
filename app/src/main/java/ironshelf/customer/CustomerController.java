package ironshelf.customer;

import ironshelf.http.SeenVersion;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CustomerController {

  private final CustomerService customers;

  CustomerController(CustomerService customers) {
    this.customers = customers;
  }

  @GetMapping("/api/customers")
  List<CustomerView> customers() {
    return customers.all();
  }

  @PostMapping("/api/customers")
  @ResponseStatus(HttpStatus.CREATED)
  CustomerView add(@RequestBody CustomerRequest customer) {
    return customers.add(customer);
  }

  @PutMapping("/api/customers/{id}")
  CustomerView change(
      @PathVariable long id, @SeenVersion long seen, @RequestBody CustomerRequest to) {
    return customers.change(id, seen, to);
  }
}
