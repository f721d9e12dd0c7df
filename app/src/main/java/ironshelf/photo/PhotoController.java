package ironshelf.photo;

import ironshelf.http.Upload;
import ironshelf.http.problem.ProblemException;
import ironshelf.piece.StepLedger;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos taken at a step: JPEG or PNG, made small by the browser that sends them. */
@RestController
class PhotoController {

  /** A photo by its number. */
  record PhotoView(long id) {}

  private final PhotoRepository photos;
  private final StepLedger ledger;
  private final Clock clock;

  PhotoController(PhotoRepository photos, StepLedger ledger, Clock clock) {
    this.photos = photos;
    this.ledger = ledger;
    this.clock = clock;
  }

  @PostMapping(path = "/api/shelf/acts/{actId}/photos", consumes = Upload.ANY_TYPE)
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  PhotoView keep(@PathVariable long actId, HttpServletRequest request) throws IOException {
    if (!ledger.knows(actId)) {
      throw ProblemException.unknown("act", actId);
    }
    byte[] content = Upload.bytes(request);
    byte[] pixels = Pixels.of(content);
    Photo photo = new Photo(actId, MediaType.IMAGE_JPEG_VALUE, pixels, clock.instant());
    return new PhotoView(photos.save(photo).id());
  }

  /** The photos of some acts. */
  @GetMapping("/api/photos")
  List<PhotoView> photos(@RequestParam List<Long> acts) {
    return photos.idsOf(acts).stream().map(PhotoView::new).toList();
  }

  @GetMapping("/api/photos/{id}")
  @Transactional(readOnly = true)
  ResponseEntity<byte[]> photo(@PathVariable long id) {
    Photo photo = photos.findById(id).orElseThrow(() -> ProblemException.unknown("photo", id));
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(photo.type()))
        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate())
        .body(photo.content());
  }
}
