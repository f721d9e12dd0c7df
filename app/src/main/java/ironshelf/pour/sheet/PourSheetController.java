package ironshelf.pour.sheet;

import java.time.Clock;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PourSheetController {

  private final PourSheetService sheets;
  private final Clock clock;

  PourSheetController(PourSheetService sheets, Clock clock) {
    this.sheets = sheets;
    this.clock = clock;
  }

  @PostMapping("/api/pours/sheet")
  SheetView sheet(@RequestBody PourSheetRequest request) {
    return sheets.sheet(request, clock.instant());
  }
}
