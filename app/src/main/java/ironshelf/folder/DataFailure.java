package ironshelf.folder;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.core.env.Environment;

/** A start that fails at the data folder says why in two lines, without a trace. */
final class DataFailure extends AbstractFailureAnalyzer<Throwable> {

  /** Database may be already in use (H2's error codes). */
  static final int IN_USE = 90020;

  /** File corrupted while reading. */
  private static final int CORRUPTED = 90030;

  private final Path data;

  DataFailure(Environment environment) {
    data = Path.of(environment.getProperty("ironshelf.data", "."));
  }

  @Override
  protected @Nullable FailureAnalysis analyze(Throwable rootFailure, Throwable cause) {
    for (Throwable t = rootFailure; t != null; t = t.getCause()) {
      if (t instanceof UnusableDataException unusable) {
        return new FailureAnalysis(unusable.getMessage(), unusable.remedy(), unusable);
      }
      if (t instanceof SQLException sql && sql.getErrorCode() == IN_USE) {
        return new FailureAnalysis(
            "The data folder " + data + " is open already: " + new Running(data).words() + ".",
            "Use that one, or stop it first. Nothing was touched.",
            t);
      }
      if (t instanceof IOException && String.valueOf(t.getMessage()).contains("No space left")) {
        return new FailureAnalysis(
            "There is no room left on the disk of the data folder " + data + ".",
            "Make room on it, and start again. Nothing is lost.",
            t);
      }
      if (t instanceof SQLException sql && sql.getErrorCode() == CORRUPTED) {
        return new FailureAnalysis(
            "The database in " + data + " is damaged.", BackupFolder.of(data).remedy(), t);
      }
    }
    return null;
  }
}
