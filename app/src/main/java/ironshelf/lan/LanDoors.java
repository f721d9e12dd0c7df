package ironshelf.lan;

import ironshelf.person.PeopleService;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.startup.Tomcat;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Opens the shop to other devices, once an owner can sign in: over TLS, and without it for the page
 * that says how to trust it. Until then it listens for this machine alone.
 */
@Component
class LanDoors {

  private static final Logger LOG = LoggerFactory.getLogger(LanDoors.class);
  private static final String PROTOCOL = "org.apache.coyote.http11.Http11NioProtocol";

  private final LanSettings settings;
  private final LanNames names;
  private final Authority authority;
  private final PeopleService people;
  private final WebServerApplicationContext context;
  private final int waitMs;
  private final int idleMs;
  private volatile @Nullable Connector tls;
  private volatile @Nullable Connector plain;

  LanDoors(
      LanSettings settings,
      LanNames names,
      Authority authority,
      PeopleService people,
      WebServerApplicationContext context,
      @Value("${server.tomcat.connection-timeout}") java.time.Duration wait,
      @Value("${server.tomcat.keep-alive-timeout}") java.time.Duration idle) {
    this.settings = settings;
    this.names = names;
    this.authority = authority;
    this.people = people;
    this.context = context;
    this.waitMs = (int) wait.toMillis();
    this.idleMs = (int) idle.toMillis();
  }

  @EventListener(ApplicationReadyEvent.class)
  void started() {
    if (!settings.wanted()) {
      return;
    }
    if (people.hasOwner()) {
      open();
    } else {
      LOG.warn(
          "Not open to other devices yet: give an owner a password on the page People and devices, /people.");
    }
  }

  @TransactionalEventListener
  void ownerCanSignIn(PeopleService.OwnerCanSignIn event) {
    if (settings.wanted()) {
      open();
    }
  }

  /** Whether other devices can come. */
  boolean isOpen() {
    return tls != null;
  }

  /** The port for everything; where none was chosen, the one that was free. */
  int port() {
    return tls == null ? settings.port() : tls.getLocalPort();
  }

  /** Whether a request came in without TLS from who may only learn how to trust. */
  boolean isForTrust(int localPort) {
    return plain != null && plain.getLocalPort() == localPort;
  }

  int trustPort() {
    return plain == null ? settings.trustPort() : plain.getLocalPort();
  }

  /** A certificate that ends soon, or lacks a name of today, is made anew while it runs. */
  @Scheduled(fixedDelayString = "PT12H", initialDelayString = "PT12H")
  synchronized void renew() {
    if (tls != null) {
      Http11NioProtocol protocol = (Http11NioProtocol) tls.getProtocolHandler();
      protocol.addSslHostConfig(tlsOf(), true);
    }
  }

  private synchronized void open() {
    if (tls != null || !(context.getWebServer() instanceof TomcatWebServer server)) {
      return;
    }
    Connector everything = connector(settings.port());
    everything.setSecure(true);
    everything.setScheme("https");
    Http11NioProtocol protocol = (Http11NioProtocol) everything.getProtocolHandler();
    protocol.setSSLEnabled(true);
    everything.addSslHostConfig(tlsOf());
    Connector trust = connector(settings.trustPort());
    try {
      start(server.getTomcat(), everything);
      start(server.getTomcat(), trust);
    } catch (LifecycleException e) {
      stop(server.getTomcat(), everything);
      LOG.error(
          "Other devices cannot come: port {} or {} is in use. Choose others.",
          settings.port(),
          settings.trustPort());
      return;
    }
    tls = everything;
    plain = trust;
    LOG.info(
        "Open to other devices at {}; how they trust it: {}",
        LanAddresses.of(names.told(), "https", port()),
        LanAddresses.of(names.told(), "http", trustPort()));
  }

  private Connector connector(int port) {
    Connector connector = new Connector(PROTOCOL);
    connector.setPort(port);
    connector.setXpoweredBy(false);
    Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
    try {
      protocol.setAddress(InetAddress.getByName(settings.address()));
    } catch (UnknownHostException e) {
      throw new IllegalArgumentException("no address " + settings.address(), e);
    }
    protocol.setConnectionTimeout(waitMs);
    protocol.setKeepAliveTimeout(idleMs);
    protocol.setCompression("on");
    return connector;
  }

  private SSLHostConfig tlsOf() {
    SSLHostConfig host = new SSLHostConfig();
    host.setProtocols("TLSv1.2+TLSv1.3");
    SSLHostConfigCertificate certificate =
        new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.EC);
    certificate.setCertificateKeystore(authority.machine());
    String password = new String(Authority.PASSWORD);
    certificate.setCertificateKeystorePassword(password);
    certificate.setCertificateKeyPassword(password);
    host.addCertificate(certificate);
    return host;
  }

  private static void start(Tomcat tomcat, Connector connector) throws LifecycleException {
    tomcat.getService().addConnector(connector);
    // Added to a server that runs, it is started; where its port is taken, that is only logged.
    if (connector.getLocalPort() < 0) {
      throw new LifecycleException("port " + connector.getPort() + " is in use");
    }
  }

  private static void stop(Tomcat tomcat, Connector connector) {
    tomcat.getService().removeConnector(connector);
  }
}
