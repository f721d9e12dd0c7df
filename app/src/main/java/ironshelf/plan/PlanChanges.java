package ironshelf.plan;

import ironshelf.http.problem.Catalogue;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.plan.basis.MouldName;
import ironshelf.plan.basis.PlanContent;
import ironshelf.plan.basis.PlanContent.PlannedLine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a plan has otherwise than the one before, and why. */
@Component
class PlanChanges {

  private final PlanWords words;
  private final Catalogue catalogue;

  PlanChanges(PlanWords words, Catalogue catalogue) {
    this.words = words;
    this.catalogue = catalogue;
  }

  /** Lines whose day is another; those that are promised first, the most late first among them. */
  List<PlanView.ChangeView> lines(
      PlanContent before,
      PlanContent now,
      List<OrderView> orders,
      Map<Long, MouldView> mouldsById) {
    Map<Long, PlannedLine> was = byLine(before);
    Map<Long, PlannedLine> is = byLine(now);
    List<PlanView.ChangeView> changes = new ArrayList<>();
    for (OrderView order : orders) {
      for (OrderLineView line : order.lines()) {
        LocalDate wasOn = day(was.get(line.id()));
        LocalDate isOn = day(is.get(line.id()));
        if (!Objects.equals(wasOn, isOn)) {
          boolean isLater = wasOn != null && isOn != null && isOn.isAfter(wasOn);
          changes.add(
              new PlanView.ChangeView(
                  line.id(),
                  order.id(),
                  order.number(),
                  order.customer(),
                  line.product(),
                  order.promisedOn() != null,
                  wasOn,
                  isOn,
                  isLater ? words.bound(is.get(line.id()), now, mouldsById) : null));
        }
      }
    }
    changes.sort((a, b) -> Boolean.compare(b.promised(), a.promised()));
    return changes;
  }

  /** What is otherwise in the shop: copies of moulds that came or went. */
  List<String> because(PlanContent before, PlanContent now, Map<Long, MouldView> mouldsById) {
    List<String> because = new ArrayList<>();
    TreeSet<String> keys = new TreeSet<>(before.copies().keySet());
    keys.addAll(now.copies().keySet());
    for (String key : keys) {
      int was = before.copies().getOrDefault(key, List.of()).size();
      int is = now.copies().getOrDefault(key, List.of()).size();
      MouldView mould = mouldsById.get(MouldName.of(key).mouldId());
      if (was != is && mould != null) {
        because.add(
            catalogue.say(
                "plan.because.copies", "", Map.of("mould", mould.name(), "was", was, "is", is)));
      }
    }
    return because;
  }

  private static Map<Long, PlannedLine> byLine(PlanContent content) {
    Map<Long, PlannedLine> lines = new HashMap<>();
    content.lines().forEach(l -> lines.put(l.lineId(), l));
    return lines;
  }

  private static @Nullable LocalDate day(@Nullable PlannedLine line) {
    return line == null ? null : line.readyAt().toLocalDate();
  }
}
