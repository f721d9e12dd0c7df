package ironshelf.core.quantity;

import java.util.List;
import java.util.stream.Collectors;

/** A value or a calculation was refused; says everything that was found, not only the first. */
public final class RefusedException extends IllegalArgumentException {

  private static final long serialVersionUID = 1L;

  private final transient List<Finding> findings;

  public RefusedException(List<Finding> findings) {
    super(
        findings.stream()
            .map(f -> f.field() + " " + f.code().text() + " " + f.params())
            .collect(Collectors.joining("; ")));
    this.findings = List.copyOf(findings);
  }

  public RefusedException(Finding finding) {
    this(List.of(finding));
  }

  public List<Finding> findings() {
    return findings;
  }
}
