package ironshelf.device;

import java.time.Instant;

/** A paired device. */
public record DeviceView(long id, String name, DeviceKind kind, Instant pairedAt) {}
