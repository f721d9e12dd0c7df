package ironshelf.core.plan.resource;

import ironshelf.core.plan.Horizon;
import ironshelf.core.plan.OpenHours;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * How many people are busy at each open minute. Days whose longest gap is too short for a piece of
 * work are skipped without looking at their minutes.
 */
public final class Workforce {

  private static final int UNKNOWN = -1;

  /** An open day: busy people by the minute since opening, and the longest period with one free. */
  private static final class Day {
    final short[] taken;
    int longestGap = UNKNOWN;

    Day(int minutes) {
      taken = new short[minutes];
    }
  }

  private final OpenHours hours;
  private final int people;
  private final LocalDate firstDate;
  private final int startOfDayMin;
  private final int opensMin;
  private final int minutesADay;
  private final List<Day> days = new ArrayList<>();
  private int overMin;

  public Workforce(OpenHours hours, LocalDateTime start, int people) {
    this.hours = hours;
    this.people = people;
    firstDate = start.toLocalDate();
    startOfDayMin = start.toLocalTime().toSecondOfDay() / 60;
    opensMin = hours.opens().toSecondOfDay() / 60;
    minutesADay = (int) hours.minutesADay();
  }

  /** Returns the first minute from which somebody is free for so long without a break. */
  public int slot(int earliest, int minutes) {
    int sinceMidnight = earliest + startOfDayMin;
    int no = Math.floorDiv(sinceMidnight, Horizon.DAY_MIN);
    int inDay = Math.max(0, sinceMidnight - no * Horizon.DAY_MIN - opensMin);
    while (true) {
      Day day = day(no);
      if (day != null && (day.longestGap == UNKNOWN || day.longestGap >= minutes)) {
        int found = find(day, inDay, minutes);
        if (found >= 0) {
          return no * Horizon.DAY_MIN + opensMin + found - startOfDayMin;
        }
      }
      no++;
      inDay = 0;
    }
  }

  /** Returns the first minute from which a block has all its people. */
  int slot(int earliest, Block block) {
    int at = slot(earliest, block.minutes());
    while (block.helpers() > 0) {
      int clash = lastOver(at + block.helpFrom(), block.helpMin(), people - 1 - block.helpers());
      if (clash < 0) {
        break;
      }
      at = slot(clash + 1 - block.helpFrom(), block.minutes());
    }
    return at;
  }

  /** Returns the last minute of a period at which more people are busy; -1 where there is none. */
  private int lastOver(int at, int minutes, int allowed) {
    int sinceMidnight = at + startOfDayMin;
    Day day = day(sinceMidnight / Horizon.DAY_MIN);
    int inDay = sinceMidnight % Horizon.DAY_MIN - opensMin;
    for (int minute = inDay + minutes - 1; minute >= inDay; minute--) {
      if (day.taken[minute] > allowed) {
        return at + minute - inDay;
      }
    }
    return -1;
  }

  /** Books the people of a block. */
  public void take(int at, Block block) {
    take(at, block.minutes());
    for (int h = 0; h < block.helpers(); h++) {
      take(at + block.helpFrom(), block.helpMin());
    }
  }

  /** Cancels the booking of a block. */
  public void give(int at, Block block) {
    give(at, block.minutes());
    for (int h = 0; h < block.helpers(); h++) {
      give(at + block.helpFrom(), block.helpMin());
    }
  }

  private int find(Day day, int from, int minutes) {
    int run = 0;
    int longest = 0;
    for (int minute = from; minute < minutesADay; minute++) {
      run = day.taken[minute] < people ? run + 1 : 0;
      if (run >= minutes) {
        return minute - minutes + 1;
      }
      longest = Math.max(longest, run);
    }
    if (from == 0) {
      day.longestGap = longest;
    }
    return -1;
  }

  /** Tests whether somebody is free for so long from a minute on. */
  public boolean isFree(int at, int minutes) {
    return slot(at, minutes) == at;
  }

  public boolean isOpen(int at, int minutes) {
    int sinceMidnight = at + startOfDayMin;
    int no = Math.floorDiv(sinceMidnight, Horizon.DAY_MIN);
    int inDay = sinceMidnight - no * Horizon.DAY_MIN - opensMin;
    return at >= 0 && day(no) != null && inDay >= 0 && inDay + minutes <= minutesADay;
  }

  /** Books a person for a period that was found free. */
  public void take(int at, int minutes) {
    int sinceMidnight = at + startOfDayMin;
    int no = sinceMidnight / Horizon.DAY_MIN;
    Day day = day(no);
    int inDay = sinceMidnight - no * Horizon.DAY_MIN - opensMin;
    for (int minute = inDay; minute < inDay + minutes; minute++) {
      day.taken[minute]++;
      overMin += day.taken[minute] > people ? 1 : 0;
    }
    day.longestGap = UNKNOWN;
  }

  /** Cancels the booking of a person. */
  public void give(int at, int minutes) {
    int sinceMidnight = at + startOfDayMin;
    Day day = day(sinceMidnight / Horizon.DAY_MIN);
    int inDay = sinceMidnight % Horizon.DAY_MIN - opensMin;
    for (int minute = inDay; minute < inDay + minutes; minute++) {
      overMin -= day.taken[minute] > people ? 1 : 0;
      day.taken[minute]--;
    }
    day.longestGap = UNKNOWN;
  }

  /** Returns the minutes of work for which nobody was free. */
  public int overMin() {
    return overMin;
  }

  /** Returns an open day; null on a day on which nobody is in. */
  private Day day(int no) {
    while (days.size() <= no) {
      Horizon.refuseBeyond((long) days.size() * Horizon.DAY_MIN);
      boolean open = hours.isOpenOn(firstDate.plus(days.size(), ChronoUnit.DAYS));
      days.add(open ? new Day(minutesADay) : null);
    }
    return days.get(no);
  }
}
