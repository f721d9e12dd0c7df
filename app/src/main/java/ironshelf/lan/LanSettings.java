package ironshelf.lan;

import java.nio.file.Path;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** How the shop is to be reached by other devices. */
@Component
class LanSettings {

  private final boolean wanted;
  private final String address;
  private final int port;
  private final int trustPort;
  private final Set<String> names;
  private final Path folder;

  LanSettings(
      @Value("${ironshelf.lan}") boolean wanted,
      @Value("${ironshelf.lan-address}") String address,
      @Value("${ironshelf.lan-port}") int port,
      @Value("${ironshelf.trust-port}") int trustPort,
      @Value("${ironshelf.lan-names}") Set<String> names,
      @Value("${ironshelf.data}") Path data) {
    this.wanted = wanted;
    this.address = address;
    this.port = port;
    this.trustPort = trustPort;
    this.names = Set.copyOf(names);
    this.folder = data.resolve("lan");
  }

  /** Whether others are to come at all. */
  boolean wanted() {
    return wanted;
  }

  /** Where to listen. */
  String address() {
    return address;
  }

  /** For everything, over TLS. */
  int port() {
    return port;
  }

  /** For the one page without. */
  int trustPort() {
    return trustPort;
  }

  /** What the machine is called besides its own names. */
  Set<String> names() {
    return names;
  }

  /** Where the authority and the certificate are kept. */
  Path folder() {
    return folder;
  }
}
