package ironshelf.backup.everything;

import ironshelf.folder.BackupFolder;
import ironshelf.folder.Manifest;
import ironshelf.folder.ShopSwitch;
import ironshelf.folder.UnusableDataException;
import ironshelf.http.problem.ProblemException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Map;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Takes everything out, and in again. */
@RestController
class EverythingController {

  private final DataSource data;
  private final BackupFolder backups;
  private final ShopSwitch shops;
  private final Clock clock;
  private final String application;

  EverythingController(
      DataSource data,
      ShopSwitch shops,
      Clock clock,
      @Value("${ironshelf.data}") String folder,
      @Value("${ironshelf.version}") String application) {
    this.data = data;
    this.shops = shops;
    this.clock = clock;
    this.backups = BackupFolder.of(Path.of(folder));
    this.application = application;
  }

  /** Written aside first: what is sent is whole. */
  @GetMapping(path = "/api/everything.zip", produces = "application/zip")
  void takeOut(HttpServletResponse response) throws IOException, SQLException {
    Path whole = Files.createTempFile("ironshelf-everything", ".zip");
    try {
      try (Connection connection = data.getConnection();
          OutputStream out = Files.newOutputStream(whole)) {
        TakeOut.write(connection, application, out);
      }
      response.setContentType("application/zip");
      response.setContentLengthLong(Files.size(whole));
      response.setHeader(
          "Content-Disposition", "attachment; filename=\"iron-shelf-everything.zip\"");
      Files.copy(whole, response.getOutputStream());
    } finally {
      Files.deleteIfExists(whole);
    }
  }

  /** In the place of what is there, which is kept as a backup. Takes some seconds. */
  @PostMapping("/api/everything")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void takeIn(HttpServletRequest request) throws IOException {
    Path sent = Files.createTempFile("ironshelf-sent", ".zip");
    try {
      Files.copy(request.getInputStream(), sent, StandardCopyOption.REPLACE_EXISTING);
      Path backup = backups.next(Manifest.Reason.TAKEN_IN, clock.instant());
      TakeIn.toBackup(sent, backup, clock.instant());
      shops.toBackup(backup);
    } catch (UnusableDataException e) {
      throw ProblemException.bad("everything.unusable", Map.of("value", e.getMessage()));
    } finally {
      Files.deleteIfExists(sent);
    }
  }
}
