package ironshelf.core.plan;

import ironshelf.core.plan.PlanRequest.PlanStation;
import java.util.List;

/** Hands and stations over time: finds the earliest way of a cast through them, and books it. */
final class Room {

  final Hands hands;
  private final Levels[] stations;

  /**
   * All free.
   *
   * @param minutes over which the plan will likely reach
   */
  Room(PlanRequest request, int minutes) {
    hands = new Hands(request.calendar(), request.start(), request.people());
    stations =
        request.stations().stream()
            .map(PlanStation::capacity)
            .map(capacity -> new Levels(capacity, minutes))
            .toArray(Levels[]::new);
  }

  /**
   * The earliest works of one cast from a minute on. Where a station has no room for a stay, the
   * work before it waits; that only ever moves works later, so it comes to an end.
   */
  Way way(List<Leg> legs, int from, int pieces) {
    return way(legs, from, pieces, Feeding.NO_WAIT);
  }

  /**
   * The same, with joining steps that wait for their parts.
   *
   * @param partsAt when the parts of each joining step are there, by its number
   */
  Way way(List<Leg> legs, int from, int pieces, int[] partsAt) {
    int count = legs.size();
    int[] starts = new int[count];
    int[] floors = new int[count];
    int[] handsWaited = new int[count];
    floors[0] = from + legs.get(0).waitMin();
    int[] partsWaited = new int[count];
    int forStation = 0;
    int station = Leg.NOWHERE;
    int i = 0;
    while (i < count) {
      Leg leg = legs.get(i);
      int entered = i == 0 ? 0 : starts[i - 1] + legs.get(i - 1).workMin();
      int earliest = i == 0 ? floors[0] : Math.max(floors[i], entered + leg.waitMin());
      if (leg.join() != Leg.NOWHERE && leg.join() < partsAt.length) {
        partsWaited[i] = Math.max(0, partsAt[leg.join()] - earliest);
        earliest += partsWaited[i];
      }
      Horizon.refuseBeyond(earliest);
      starts[i] = leg.workMin() == 0 ? earliest : hands.slot(earliest, leg.workMin());
      handsWaited[i] = starts[i] - earliest;
      int full = i == 0 ? Leg.NOWHERE : firstFull(leg, entered, starts[i], pieces);
      if (full == Leg.NOWHERE) {
        i++;
      } else {
        int delay = delay(leg, full, entered, starts[i], pieces);
        forStation += delay;
        station = leg.stays().get(full).station();
        floors[i - 1] = starts[i - 1] + delay;
        i--;
      }
    }
    int forHands = 0;
    int forParts = 0;
    for (int leg = 0; leg < count; leg++) {
      forHands += handsWaited[leg];
      forParts += partsWaited[leg];
    }
    return new Way(legs, starts, forHands, forStation, station, forParts);
  }

  /** Pieces over what stations hold, at their fullest. */
  int overfull() {
    int over = 0;
    for (Levels station : stations) {
      over += station.overfull();
    }
    return over;
  }

  /** The first stay of a leg that has no room. */
  private int firstFull(Leg leg, int entered, int begins, int pieces) {
    for (int s = 0; s < leg.stays().size(); s++) {
      if (delay(leg, s, entered, begins, pieces) > 0) {
        return s;
      }
    }
    return Leg.NOWHERE;
  }

  /** By how much the work before must be later for a stay to have room. */
  private int delay(Leg leg, int no, int entered, int begins, int pieces) {
    Leg.Stay stay = leg.stays().get(no);
    if (stay.station() == Leg.NOWHERE) {
      return 0;
    }
    int in = entered + stay.afterMin();
    int conflict = stations[stay.station()].lastConflict(in, out(leg, no, in, begins), pieces);
    return conflict < 0 ? 0 : conflict + 1 - in;
  }

  private static int out(Leg leg, int no, int in, int begins) {
    return no == leg.stays().size() - 1 ? begins : in + leg.stays().get(no).waitMin();
  }

  /** Books the works and the stays. */
  void take(Way way, int pieces) {
    for (int i = 0; i < way.legs().size(); i++) {
      Leg leg = way.legs().get(i);
      int start = way.start(i);
      if (leg.workMin() > 0) {
        hands.take(start, leg.workMin());
      }
      int entered = i == 0 ? 0 : way.end(i - 1);
      for (int s = 0; s < leg.stays().size(); s++) {
        Leg.Stay stay = leg.stays().get(s);
        if (stay.station() != Leg.NOWHERE) {
          int in = entered + stay.afterMin();
          stations[stay.station()].take(in, out(leg, s, in, start), pieces);
        }
      }
    }
  }
}
