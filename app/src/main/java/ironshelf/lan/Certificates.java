package ironshelf.lan;

import java.io.IOException;
import java.math.BigInteger;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PrivateKey;
import java.security.PublicKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.Set;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x500.X500NameBuilder;
import org.bouncycastle.asn1.x500.style.BCStyle;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.cert.CertIOException;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/** Makes certificates as browsers want them (RFC 5280; curve P-256). */
final class Certificates {

  static final Duration AUTHORITY_FOR = Duration.ofDays(3650);

  /** The longest that browsers take from an authority that was installed by hand, with room. */
  static final Duration MACHINE_FOR = Duration.ofDays(397);

  private static final int SERIAL_BITS = 120;
  private static final SecureRandom RANDOM = new SecureRandom();

  private Certificates() {}

  static KeyPair keys() throws GeneralSecurityException {
    KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
    generator.initialize(new ECGenParameterSpec("secp256r1"), RANDOM);
    return generator.generateKeyPair();
  }

  /** The authority's own: it signs this machine's certificates, and no other authority's. */
  static X509Certificate authority(KeyPair keys, Instant now)
      throws GeneralSecurityException, IOException {
    X500Name name = name("Iron Shelf workshop authority");
    JcaX509v3CertificateBuilder builder = builder(name, name, keys.getPublic(), now, AUTHORITY_FOR);
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
    builder.addExtension(
        Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
    return signed(builder, keys.getPrivate());
  }

  /** This machine's, for all its names and addresses. */
  static X509Certificate machine(
      PublicKey key,
      Set<String> names,
      Set<String> addresses,
      X509Certificate authority,
      PrivateKey authorityKey,
      Instant now)
      throws GeneralSecurityException, IOException {
    JcaX509v3CertificateBuilder builder =
        builder(
            new X500Name(authority.getSubjectX500Principal().getName()),
            name("Iron Shelf"),
            key,
            now,
            MACHINE_FOR);
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
    builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
    builder.addExtension(
        Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
    builder.addExtension(
        Extension.authorityKeyIdentifier,
        false,
        new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(authority.getPublicKey()));
    List<GeneralName> all = new ArrayList<>();
    names.forEach(n -> all.add(new GeneralName(GeneralName.dNSName, n)));
    addresses.forEach(a -> all.add(new GeneralName(GeneralName.iPAddress, a)));
    builder.addExtension(
        Extension.subjectAlternativeName, false, new GeneralNames(all.toArray(GeneralName[]::new)));
    return signed(builder, authorityKey);
  }

  private static X500Name name(String common) {
    return new X500NameBuilder(BCStyle.INSTANCE).addRDN(BCStyle.CN, common).build();
  }

  /** Good from the day before: not every device's clock is right. */
  private static JcaX509v3CertificateBuilder builder(
      X500Name issuer, X500Name subject, PublicKey key, Instant now, Duration goodFor)
      throws GeneralSecurityException, CertIOException {
    JcaX509v3CertificateBuilder builder =
        new JcaX509v3CertificateBuilder(
            issuer,
            new BigInteger(SERIAL_BITS, RANDOM),
            Date.from(now.minus(Duration.ofDays(1))),
            Date.from(now.plus(goodFor).minus(Duration.ofDays(1))),
            subject,
            key);
    builder.addExtension(
        Extension.subjectKeyIdentifier,
        false,
        new JcaX509ExtensionUtils().createSubjectKeyIdentifier(key));
    return builder;
  }

  private static X509Certificate signed(JcaX509v3CertificateBuilder builder, PrivateKey key)
      throws GeneralSecurityException {
    try {
      return new JcaX509CertificateConverter()
          .getCertificate(builder.build(new JcaContentSignerBuilder("SHA256withECDSA").build(key)));
    } catch (OperatorCreationException e) {
      throw new GeneralSecurityException(e);
    }
  }
}
