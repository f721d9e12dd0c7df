package ironshelf.lan;

import java.util.List;

/** Web addresses of this machine. */
final class LanAddresses {

  private LanAddresses() {}

  static List<String> of(List<String> names, String scheme, int port) {
    return names.stream().map(n -> scheme + "://" + n + ":" + port + "/").toList();
  }
}
