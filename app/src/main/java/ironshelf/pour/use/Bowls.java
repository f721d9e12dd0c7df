package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import ironshelf.act.Changed;
import ironshelf.pour.PourReader;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * All bowls that were ever poured and stand. They are kept once they were read: a commit makes only
 * those be read again of which it changed something, and all of them where it changed what
 * materials cost.
 */
@Component
@Transactional(readOnly = true)
class Bowls {

  /** Of what these say every bowl may have something. */
  private static final Set<String> PRICES = Set.of("lots", "materials");

  private final PourReader pours;
  private final UseLedger ledger;

  private final Map<Long, Bowl> byPour = new TreeMap<>();
  private final Map<Long, Set<Long>> poursOfCast = new HashMap<>();
  private List<Bowl> all = List.of();
  private Stale stale = new Stale();
  private final CachedRead<List<Bowl>> together;

  Bowls(PourReader pours, UseLedger ledger, TableVersions changes) {
    this.together = changes.keepBut(() -> together(kept()), UseService.FREE);
    this.pours = pours;
    this.ledger = ledger;
  }

  /** What has changed since it was read; everything at first. */
  private static final class Stale {
    private boolean everything = true;
    private final Set<Long> pours = new HashSet<>();
    private final Set<Long> casts = new HashSet<>();

    private boolean isEmpty() {
      return !everything && pours.isEmpty() && casts.isEmpty();
    }
  }

  private final Object changes = new Object();

  /** Before {@link TableVersions} counts the commit: whoever counts it must find this stale. */
  @EventListener
  @Order(TableVersions.COUNTED - 1)
  void changed(Changed change) {
    synchronized (changes) {
      stale.everything |= !Collections.disjoint(change.tables(), PRICES);
      stale.pours.addAll(change.pours());
      stale.casts.addAll(change.casts());
    }
  }

  /** Oldest first. */
  List<Bowl> all() {
    return CachedRead.isWriting() ? read() : kept();
  }

  /** The same, the bowls of one colour in a session as one. */
  List<Bowl> together() {
    return CachedRead.isWriting() ? together(read()) : together.get();
  }

  private static List<Bowl> together(List<Bowl> bowls) {
    return bowls.stream()
        .collect(
            groupingBy(
                b -> List.of(b.taken().sessionId(), b.taken().colourwayId()),
                LinkedHashMap::new,
                toList()))
        .values()
        .stream()
        .map(Bowl::together)
        .toList();
  }

  private List<Bowl> read() {
    return ledger.used(pours.taken()).stream().map(Bowl::of).toList();
  }

  /** One at a time; the others find it done. */
  private synchronized List<Bowl> kept() {
    Stale now;
    synchronized (changes) {
      if (stale.isEmpty()) {
        return all;
      }
      now = stale;
      stale = new Stale();
      stale.everything = false;
    }
    try {
      readAgain(now);
    } catch (RuntimeException e) {
      synchronized (changes) {
        stale.everything = true;
      }
      throw e;
    }
    all = List.copyOf(byPour.values());
    return all;
  }

  private void readAgain(Stale now) {
    if (now.everything) {
      byPour.clear();
      poursOfCast.clear();
      read().forEach(this::put);
      return;
    }
    Set<Long> wanted = new HashSet<>(now.pours);
    now.casts.forEach(cast -> wanted.addAll(poursOfCast.getOrDefault(cast, Set.of())));
    wanted.forEach(byPour::remove);
    ledger.used(pours.taken(wanted)).stream().map(Bowl::of).forEach(this::put);
  }

  private void put(Bowl bowl) {
    byPour.put(bowl.taken().id(), bowl);
    bowl.castIds()
        .forEach(
            cast -> poursOfCast.computeIfAbsent(cast, c -> new HashSet<>()).add(bowl.taken().id()));
  }
}
