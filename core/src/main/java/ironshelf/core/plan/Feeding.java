package ironshelf.core.plan;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** Which pieces become parts of which: an acyclic graph over demands and begun casts. */
public final class Feeding {

  /** A demand or a begun cast, by its number. */
  public record Node(boolean begun, int no) {}

  /** An edge of the graph: what feeds a node at one of its joining steps. */
  public record Source(Node from, int join) {}

  private final Map<Node, List<Source>> sources = new HashMap<>();

  public Feeding(List<Demand> demands, List<BegunCast> begun) {
    Map<String, Node> byName = new HashMap<>();
    for (int d = 0; d < demands.size(); d++) {
      byName.put(demands.get(d).order(), new Node(false, d));
    }
    for (int b = 0; b < begun.size(); b++) {
      byName.put(begun.get(b).name(), new Node(true, b));
    }
    for (int d = 0; d < demands.size(); d++) {
      add(byName, demands.get(d).feeds(), new Node(false, d));
    }
    for (int b = 0; b < begun.size(); b++) {
      for (Feed feed : begun.get(b).feeds()) {
        add(byName, feed, new Node(true, b));
      }
    }
  }

  private void add(Map<String, Node> byName, Feed feed, Node from) {
    if (feed != null && byName.containsKey(feed.into())) {
      sources
          .computeIfAbsent(byName.get(feed.into()), n -> new ArrayList<>())
          .add(new Source(from, feed.join()));
    }
  }

  public List<Source> ofDemand(int demand) {
    return sources.isEmpty() ? List.of() : sources.getOrDefault(new Node(false, demand), List.of());
  }

  public List<Source> ofBegun(int begun) {
    return sources.isEmpty() ? List.of() : sources.getOrDefault(new Node(true, begun), List.of());
  }

  /** Returns the number of levels of parts below a demand; 0 where it has none. */
  public int levels(int demand) {
    return levels(new Node(false, demand));
  }

  private int levels(Node node) {
    int most = 0;
    for (Source source : sources.getOrDefault(node, List.of())) {
      most = Math.max(most, 1 + levels(source.from()));
    }
    return most;
  }

  /** Finds edges that lead to an unknown name, to an ambiguous one, or back to where they began. */
  static void check(List<Demand> demands, List<BegunCast> begun, Findings findings) {
    Map<String, Integer> named = new HashMap<>();
    Stream.concat(demands.stream().map(Demand::order), begun.stream().map(BegunCast::name))
        .forEach(name -> named.merge(name, 1, Integer::sum));
    for (int d = 0; d < demands.size(); d++) {
      Feed feed = demands.get(d).feeds();
      findings.addIf(
          feed != null && named.getOrDefault(feed.into(), 0) != 1,
          FindingCode.PLAN_UNKNOWN,
          "demands." + d + ".feeds.into",
          Map.of("value", feed == null ? "" : feed.into()));
    }
    for (int b = 0; b < begun.size(); b++) {
      for (int f = 0; f < begun.get(b).feeds().size(); f++) {
        String into = begun.get(b).feeds().get(f).into();
        findings.addIf(
            named.getOrDefault(into, 0) != 1,
            FindingCode.PLAN_UNKNOWN,
            "begun." + b + ".feeds." + f + ".into",
            Map.of("value", into));
      }
    }
    if (!findings.isEmpty()) {
      return;
    }
    Feeding feeding = new Feeding(demands, begun);
    Set<Node> done = new HashSet<>();
    for (Node node : feeding.sources.keySet()) {
      if (feeding.leadsBack(node, new HashSet<>(), done)) {
        findings.addIf(
            true,
            FindingCode.PLAN_FEEDS_ITSELF,
            node.begun() ? "begun." + node.no() + ".feeds" : "demands." + node.no() + ".feeds",
            Map.of(
                "value",
                node.begun() ? begun.get(node.no()).name() : demands.get(node.no()).order()));
        return;
      }
    }
  }

  private boolean leadsBack(Node node, Set<Node> above, Set<Node> done) {
    if (done.contains(node)) {
      return false;
    }
    if (!above.add(node)) {
      return true;
    }
    for (Source source : sources.getOrDefault(node, List.of())) {
      if (leadsBack(source.from(), above, done)) {
        return true;
      }
    }
    above.remove(node);
    done.add(node);
    return false;
  }
}
