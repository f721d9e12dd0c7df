package ironshelf.device;

import ironshelf.http.problem.ProblemException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pairs devices, knows them again, and ends them. */
@Service
public class DeviceService {

  private static final int TOKEN_BYTES = 32;
  private static final int LONGEST_NAME = 60;

  /**
   * A device that was just paired.
   *
   * @param token what it shows from now on; nobody else ever sees it
   */
  public record Paired(DeviceView device, String token) {}

  private final DeviceRepository devices;
  private final PairingCodes codes;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  DeviceService(DeviceRepository devices, PairingCodes codes, Clock clock) {
    this.devices = devices;
    this.codes = codes;
    this.clock = clock;
  }

  /** A code that lets one device in. */
  public String offer(String name, DeviceKind kind) {
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw ProblemException.bad("device.name", Map.of("high", LONGEST_NAME));
    }
    return codes.offer(name.strip(), kind);
  }

  /** Pairs the device on which a code was typed. */
  @Transactional
  public Paired pair(String code) {
    PairingCodes.Offer offer =
        codes.take(code).orElseThrow(() -> ProblemException.forbidden("device.code", Map.of()));
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    Device paired =
        devices.save(new Device(offer.name(), offer.kind(), hash(token), clock.instant()));
    return new Paired(paired.view(), token);
  }

  /** The device that shows a token, as long as it is paired. */
  @Transactional(readOnly = true)
  public Optional<DeviceView> byToken(String token) {
    return devices.findByTokenHashAndEndedAtIsNull(hash(token)).map(Device::view);
  }

  @Transactional(readOnly = true)
  public List<DeviceView> all() {
    return devices.findByEndedAtIsNullOrderByName().stream().map(Device::view).toList();
  }

  /** From now on it is a device like any other. */
  @Transactional
  public void end(long id) {
    devices
        .findByIdAndEndedAtIsNull(id)
        .orElseThrow(() -> ProblemException.unknown("paired device", id))
        .end(clock.instant());
  }

  /** A token is random and long: a hash without salt keeps it. */
  private static String hash(String token) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
