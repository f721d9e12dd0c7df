package ironshelf.lan;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The shop's own certificate authority and this machine's certificate, made when they are first
 * wanted and kept beside the data, where the folder is the owner's alone. They are in no backup: a
 * backup that gets lost gives nobody the shop's name.
 */
@Component
class Authority {

  private static final String ALIAS = "iron-shelf";

  /** The files are protected by their folder; a password beside them would add nothing. */
  static final char[] PASSWORD = "iron-shelf".toCharArray();

  private static final Duration RENEWED_BEFORE = Duration.ofDays(30);

  /** Kinds of names in a certificate (RFC 5280, 4.2.1.6). */
  private static final Set<Integer> NAME_OR_ADDRESS = Set.of(2, 7);

  private final LanSettings settings;
  private final LanNames names;
  private final Clock clock = Clock.systemUTC();

  /** Read once: its file is slow to open by intent, and anybody on the network may ask for it. */
  private @Nullable KeyStore authority;

  Authority(LanSettings settings, LanNames names) {
    this.settings = settings;
    this.names = names;
  }

  /** The machine's key and certificate with the authority's behind it, as good as can be now. */
  synchronized KeyStore machine() {
    try {
      Files.createDirectories(settings.folder());
      KeyStore issuing = authority();
      Path file = settings.folder().resolve("machine.p12");
      if (Files.exists(file)) {
        KeyStore known = read(file);
        if (isGood((X509Certificate) known.getCertificate(ALIAS), issuing)) {
          return known;
        }
      }
      KeyPair keys = Certificates.keys();
      X509Certificate issuer = (X509Certificate) issuing.getCertificate(ALIAS);
      X509Certificate made =
          Certificates.machine(
              keys.getPublic(),
              names.names(),
              names.addresses(),
              issuer,
              (PrivateKey) issuing.getKey(ALIAS, PASSWORD),
              clock.instant());
      return write(file, keys.getPrivate(), made, issuer);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What devices are to trust. */
  synchronized X509Certificate certificate() {
    try {
      Files.createDirectories(settings.folder());
      return (X509Certificate) authority().getCertificate(ALIAS);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Its SHA-256, in pairs, as devices show it. */
  String fingerprint() {
    try {
      byte[] hash = MessageDigest.getInstance("SHA-256").digest(certificate().getEncoded());
      return HexFormat.ofDelimiter(" ").withUpperCase().formatHex(hash);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  private KeyStore authority() throws GeneralSecurityException, IOException {
    if (authority == null) {
      Path file = settings.folder().resolve("authority.p12");
      if (Files.exists(file)) {
        authority = read(file);
      } else {
        KeyPair keys = Certificates.keys();
        authority = write(file, keys.getPrivate(), Certificates.authority(keys, clock.instant()));
      }
    }
    return authority;
  }

  /** Whether it has all names of today, is this authority's, and does not end soon. */
  private boolean isGood(X509Certificate known, KeyStore issuing) throws GeneralSecurityException {
    Set<String> wanted = new TreeSet<>(names.names());
    wanted.addAll(names.addresses());
    Set<String> has = new TreeSet<>();
    Collection<List<?>> alternatives = known.getSubjectAlternativeNames();
    if (alternatives != null) {
      alternatives.stream()
          .filter(a -> NAME_OR_ADDRESS.contains(a.get(0)))
          .forEach(a -> has.add(String.valueOf(a.get(1))));
    }
    known.verify(issuing.getCertificate(ALIAS).getPublicKey());
    return has.containsAll(wanted)
        && known.getNotAfter().toInstant().isAfter(clock.instant().plus(RENEWED_BEFORE));
  }

  private static KeyStore read(Path file) throws GeneralSecurityException, IOException {
    KeyStore store = KeyStore.getInstance("PKCS12");
    try (InputStream in = Files.newInputStream(file)) {
      store.load(in, PASSWORD);
    }
    return store;
  }

  /** Whole or not at all. */
  private static KeyStore write(Path file, PrivateKey key, Certificate... chain)
      throws GeneralSecurityException, IOException {
    KeyStore store = KeyStore.getInstance("PKCS12");
    store.load(null, PASSWORD);
    store.setKeyEntry(ALIAS, key, PASSWORD, chain);
    Path unfinished = file.resolveSibling(file.getFileName() + ".part");
    try (OutputStream out = Files.newOutputStream(unfinished)) {
      store.store(out, PASSWORD);
    }
    Files.move(unfinished, file, StandardCopyOption.REPLACE_EXISTING);
    return store;
  }
}
