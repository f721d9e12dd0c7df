package ironshelf.lan;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The shop's own authority: the same for the whole life of its folder, read once a start. */
class AuthorityTest {

  @TempDir private Path data;

  private Authority started() {
    LanSettings settings = new LanSettings(true, "127.0.0.1", 0, 0, Set.of("shop.localhost"), data);
    return new Authority(settings, new LanNames(settings));
  }

  @Test
  void itsFileIsReadOnceAStart() throws Exception {
    X509Certificate made = started().certificate();
    Authority next = started();
    assertThat(next.certificate()).isEqualTo(made);
    String shown = next.fingerprint();
    Files.delete(data.resolve("lan").resolve("authority.p12"));
    assertThat(next.certificate()).isEqualTo(made);
    assertThat(next.fingerprint()).isEqualTo(shown);
  }

  @Test
  void theMachinesCertificateIsKeptWhileItIsGood() throws Exception {
    KeyStore made = started().machine();
    Authority next = started();
    KeyStore read = next.machine();
    String alias = made.aliases().nextElement();
    assertThat(read.getCertificate(alias)).isEqualTo(made.getCertificate(alias));
    read.getCertificate(alias).verify(next.certificate().getPublicKey());
  }
}
