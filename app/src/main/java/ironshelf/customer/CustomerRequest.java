package ironshelf.customer;

import ironshelf.core.quantity.Findings;
import org.jspecify.annotations.Nullable;

/**
 * A customer as it is to be kept.
 *
 * @param address in lines, for the label; null where nothing is sent
 */
public record CustomerRequest(String name, @Nullable String address, @Nullable String email) {
  public CustomerRequest {
    address = address == null || address.isBlank() ? null : address.strip();
    email = email == null || email.isBlank() ? null : email.strip();
    Findings findings = new Findings().text("name", name, 120);
    if (address != null) {
      findings.text("address", address, 300);
    }
    if (email != null) {
      findings.text("email", email, 120);
    }
    findings.orRefuse();
  }
}
