package org.mosswake.server.devices;

import java.io.File;
import java.io.IOException;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Beside the loopback, an HTTPS port for the boat's own network; what comes in there is what {@link PairedOnly} looks at. */
@Component
@ConditionalOnProperty("moss.lan.port")
class LanConnector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final String PACKED = "application/json,application/problem+json,application/x-ndjson,text/csv,"
            + "application/javascript,text/javascript,text/css,text/html,image/svg+xml";
    private static final int THREADS = 24;
    private static final int CONNECTIONS = 500;
    private static final int CONNECT_MS = 20_000;

    /** What the key is held in once it is read: a PKCS #12 store in memory would be sealed anew, for a tenth of the start. */
    private static final String IN_MEMORY = "JKS";

    private final int port;
    private final File store;
    private final String password;

    /** @param store PKCS #12, with the certificate and its key */
    LanConnector(
            @Value("${moss.lan.port}") int port,
            @Value("${moss.lan.store}") File store,
            @Value("${moss.lan.password}") String password) {
        this.port = port;
        this.store = store;
        this.password = password;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        var connector = new Connector(TomcatServletWebServerFactory.DEFAULT_PROTOCOL);
        connector.setPort(port);
        connector.setScheme("https");
        connector.setSecure(true);
        connector.setMaxPostSize(1024);
        if (connector.getProtocolHandler() instanceof AbstractHttp11Protocol<?> http) {
            http.setSSLEnabled(true);
            http.setMaxThreads(THREADS);
            http.setMaxConnections(CONNECTIONS);
            http.setConnectionTimeout(CONNECT_MS);
            http.setCompression("on");
            http.setCompressibleMimeType(PACKED);
        }
        var host = new SSLHostConfig();
        host.setProtocols("TLSv1.2+TLSv1.3");
        var certificate = new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.UNDEFINED);
        certificate.setCertificateKeystore(read());
        certificate.setCertificateKeystorePassword(password);
        certificate.setCertificateKeystoreType(IN_MEMORY);
        certificate.setCertificateKeyAlias("server");
        host.addCertificate(certificate);
        connector.addSslHostConfig(host);
        factory.addAdditionalConnectors(connector);
    }

    private KeyStore read() {
        try {
            return KeyStore.getInstance(store, password.toCharArray());
        } catch (GeneralSecurityException | IOException e) {
            throw new IllegalStateException(store + " cannot be read: " + e.getMessage(), e);
        }
    }
}
