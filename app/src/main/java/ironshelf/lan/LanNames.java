package ironshelf.lan;

import java.io.UncheckedIOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The names and addresses by which other devices reach this machine. */
@Component
public class LanNames {

  private static final Pattern ADDRESS = Pattern.compile("[\\d.]+");

  /** Looking them up may ask the network. */
  private static final long KNOWN_FOR_NS = 60_000_000_000L;

  private record Known(long at, Set<String> names, Set<String> addresses) {}

  private final LanSettings settings;
  private volatile @Nullable Known known;

  LanNames(LanSettings settings) {
    this.settings = settings;
  }

  /** Whether a host that was asked for is this one; nobody is while others are not to come. */
  public boolean knows(String host) {
    return settings.wanted() && (known().names.contains(host) || known().addresses.contains(host));
  }

  private Known known() {
    Known last = known;
    long now = System.nanoTime();
    if (last == null || now - last.at > KNOWN_FOR_NS) {
      last = new Known(now, names(), addresses());
      known = last;
    }
    return last;
  }

  /** Names, the ones that were given first. */
  Set<String> names() {
    Set<String> names = new TreeSet<>();
    settings.names().stream()
        .filter(n -> !ADDRESS.matcher(n).matches())
        .forEach(n -> names.add(n.toLowerCase(Locale.ROOT)));
    try {
      String host = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
      if (!host.isBlank() && !"localhost".equals(host) && !ADDRESS.matcher(host).matches()) {
        names.add(host);
        // As most networks without a name server of their own call it (RFC 6762).
        if (host.indexOf('.') < 0) {
          names.add(host + ".local");
        }
      }
    } catch (UnknownHostException e) {
      // It has no name; its addresses are enough.
    }
    return names;
  }

  /** Its addresses in networks (IPv4), without the machine's own loop. */
  Set<String> addresses() {
    Set<String> addresses = new TreeSet<>();
    settings.names().stream().filter(n -> ADDRESS.matcher(n).matches()).forEach(addresses::add);
    try {
      for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        for (InetAddress address : Collections.list(card.getInetAddresses())) {
          if (address instanceof Inet4Address && !address.isLoopbackAddress()) {
            addresses.add(address.getHostAddress());
          }
        }
      }
    } catch (SocketException e) {
      throw new UncheckedIOException(e);
    }
    return addresses;
  }

  /** What to tell people: names that were given, then addresses, then the machine's own names. */
  List<String> told() {
    Set<String> all = new LinkedHashSet<>(settings.names());
    all.addAll(addresses());
    all.addAll(names());
    return List.copyOf(all);
  }
}
