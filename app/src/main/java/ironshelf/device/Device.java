package ironshelf.device;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A device that was paired; known again by a token of which only the hash is kept. */
@Entity
@Table(name = "devices")
class Device {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  @Enumerated(EnumType.STRING)
  private DeviceKind kind;

  private String tokenHash;
  private Instant pairedAt;
  private @Nullable Instant endedAt;

  @Version private long version;

  protected Device() {}

  Device(String name, DeviceKind kind, String tokenHash, Instant pairedAt) {
    this.name = name;
    this.kind = kind;
    this.tokenHash = tokenHash;
    this.pairedAt = pairedAt;
  }

  void end(Instant at) {
    this.endedAt = at;
  }

  DeviceView view() {
    return new DeviceView(id, name, kind, pairedAt);
  }
}
