package ironshelf.act;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.annotation.CreatedBy;
import org.springframework.data.domain.Persistable;
import org.springframework.data.jpa.domain.support.AuditingEntityListener;

/** Something done, under the key that its sender gave it. */
@Entity
@EntityListeners(AuditingEntityListener.class)
@Table(name = "acts")
class Act implements Persistable<String> {

  @Id
  @Column(name = "act_key")
  private String key;

  private String kind;
  private long subjectId;
  private @Nullable String fingerprint;

  private Instant doneAt;

  @CreatedBy
  @Column(updatable = false)
  private @Nullable String who;

  protected Act() {}

  /** One that is being done. */
  Act(String key, String kind, @Nullable String fingerprint, Instant doneAt) {
    this.key = key;
    this.kind = kind;
    this.fingerprint = fingerprint;
    this.doneAt = doneAt;
  }

  /** It is done: what it was about. */
  void about(long subjectId) {
    this.subjectId = subjectId;
  }

  /** Whether it is the same request again; one of before fingerprints were kept is. */
  boolean isRepeatedBy(String kind, @Nullable String fingerprint) {
    return this.kind.equals(kind)
        && (this.fingerprint == null || this.fingerprint.equals(fingerprint));
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

  long subjectId() {
    return subjectId;
  }
}
