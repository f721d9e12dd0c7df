package ironshelf;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Iron Shelf: one application that serves the API and the interface. */
@EnableScheduling
@SpringBootApplication
public class IronShelfApplication {

  public static void main(String[] args) {
    SpringApplication.run(IronShelfApplication.class, args);
  }
}
