package ironshelf;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Iron Shelf: one application that serves the API and the interface. */
@SpringBootApplication
public class IronShelfApplication {

  public static void main(String[] args) {
    SpringApplication.run(IronShelfApplication.class, args);
  }
}
