package ironshelf.lan;

import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Under which address a page of the shop is found from anywhere in it; for what is printed and
 * stays. It never depends on how the one who prints it reached the application.
 */
@Component
public class ShopAddress {

  /** Begins what no browser opens and the application's own camera page does. */
  private static final String CODE = "iron-shelf:";

  private final LanSettings settings;
  private final LanDoors doors;
  private final LanNames names;

  ShopAddress(LanSettings settings, LanDoors doors, LanNames names) {
    this.settings = settings;
    this.doors = doors;
    this.names = names;
  }

  /**
   * A link to a page; a code for the camera page where other devices cannot come. The camera page
   * goes by the path alone, so that a label is good after the address has changed too.
   */
  public String link(String path) {
    if (!doors.isOpen()) {
      return CODE + path;
    }
    List<String> told = LanAddresses.of(lasting(), "https", doors.port());
    return told.isEmpty() ? CODE + path : told.get(0) + path.substring(1);
  }

  /** Names before addresses, which a network gives anew. */
  private List<String> lasting() {
    if (!settings.names().isEmpty()) {
      return settings.names().stream().sorted().toList();
    }
    List<String> local = names.names().stream().filter(n -> n.endsWith(".local")).toList();
    return local.isEmpty() ? names.told() : local;
  }
}
