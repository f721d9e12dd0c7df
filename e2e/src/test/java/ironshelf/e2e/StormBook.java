package ironshelf.e2e;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;

/** What makers keep of a storm: the keys that were answered, and answers that no maker expects. */
final class StormBook {

  private final Map<String, String> kindOfKey = new ConcurrentHashMap<>();
  private final List<String> unexpected = new CopyOnWriteArrayList<>();

  void answered(String key, String kind) {
    kindOfKey.put(key, kind);
  }

  /** What it says now; what is answered later is not in it. */
  StormBook asItIs() {
    StormBook copy = new StormBook();
    copy.kindOfKey.putAll(kindOfKey);
    copy.unexpected.addAll(unexpected);
    return copy;
  }

  int size() {
    return kindOfKey.size();
  }

  void unexpected(String what) {
    unexpected.add(what);
  }

  Set<String> keys(boolean facts) {
    return kindOfKey.entrySet().stream()
        .filter(e -> e.getValue().equals(StormMaker.FACT) == facts)
        .map(Map.Entry::getKey)
        .collect(java.util.stream.Collectors.toSet());
  }

  List<String> unexpected() {
    return List.copyOf(unexpected);
  }

  /** How many of each kind, in the order of their names. */
  Map<String, Integer> kinds() {
    Map<String, Integer> kinds = new TreeMap<>();
    kindOfKey.values().forEach(kind -> kinds.merge(kind, 1, Integer::sum));
    return kinds;
  }
}
