package ironshelf.shelf;

import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The gates as a calendar that other programs subscribe to, or take as a file. */
@RestController
class CalendarController {

  private final ShelfService shelf;
  private final GatesCalendar calendar;

  CalendarController(ShelfService shelf, GatesCalendar calendar) {
    this.shelf = shelf;
    this.calendar = calendar;
  }

  @GetMapping(path = "/api/shelf/gates.ics", produces = "text/calendar")
  ResponseEntity<String> gates() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_TYPE, "text/calendar;charset=UTF-8")
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gates.ics\"")
        .body(calendar.of(shelf.shelf()));
  }
}
