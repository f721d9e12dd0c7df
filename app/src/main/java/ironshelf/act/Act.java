package ironshelf.act;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.springframework.data.domain.Persistable;

/** Something done, under the key that its sender gave it. Never changed. */
@Entity
@Table(name = "acts")
class Act implements Persistable<String> {

  @Id
  @Column(name = "act_key")
  private String key;

  private String kind;
  private long subjectId;

  private Instant doneAt;

  protected Act() {}

  Act(String key, String kind, long subjectId, Instant doneAt) {
    this.key = key;
    this.kind = kind;
    this.subjectId = subjectId;
    this.doneAt = doneAt;
  }

  @Override
  public String getId() {
    return key;
  }

  /** Always new: a key that is there already must fail, not be written over. */
  @Override
  public boolean isNew() {
    return true;
  }

  String kind() {
    return kind;
  }

  long subjectId() {
    return subjectId;
  }
}
