package ironshelf.backup;

import ironshelf.folder.Archive;
import ironshelf.folder.Manifest;
import ironshelf.folder.ShopSwitch;
import ironshelf.folder.UnusableDataException;
import ironshelf.http.problem.ProblemException;
import java.nio.file.Path;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BackupController {

  private final Backups backups;
  private final SecondFolder second;
  private final ShopSwitch shops;
  private final DataCheck check;

  BackupController(Backups backups, SecondFolder second, ShopSwitch shops, DataCheck check) {
    this.backups = backups;
    this.second = second;
    this.shops = shops;
    this.check = check;
  }

  @GetMapping("/api/backups")
  BackupView all() {
    return backups.view();
  }

  /** Makes one now. */
  @PostMapping("/api/backups")
  @ResponseStatus(HttpStatus.CREATED)
  BackupView make() {
    backups.make(Manifest.Reason.ASKED);
    return backups.view();
  }

  /** One of them, to be kept elsewhere. */
  @GetMapping(path = "/api/backups/{name}/file", produces = "application/zip")
  ResponseEntity<Resource> file(@PathVariable String name) {
    Path file = backups.file(name);
    return ResponseEntity.ok()
        .header("Content-Disposition", "attachment; filename=\"" + file.getFileName() + "\"")
        .body(new FileSystemResource(file));
  }

  /** Goes back to it. What is there is kept as one more backup. Takes some seconds. */
  @PostMapping("/api/backups/{name}/restore")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void restore(@PathVariable String name) {
    Path file = backups.file(name);
    try {
      new Archive(file).checked();
    } catch (UnusableDataException e) {
      throw ProblemException.conflict("backup.damaged", Map.of("value", name));
    }
    shops.toBackup(file);
  }

  /** Null: no second folder. */
  record SecondFolderRequest(@Nullable String path) {}

  @PutMapping("/api/backups/second-folder")
  BackupView nameSecond(@RequestBody SecondFolderRequest wanted) {
    second.name(wanted.path());
    return backups.view();
  }

  /** Whether the data is in order. */
  @GetMapping("/api/check")
  DataCheck.CheckView check() {
    return check.run();
  }
}
