package org.mosswake.server.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.mosswake.server.MossWake;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application, started once for all tests on a fresh database of the cluster that ./moss test made. */
public final class RunningServer implements BeforeAllCallback, ParameterResolver {
    private static ConfigurableApplicationContext context;

    @Override
    public void beforeAll(ExtensionContext test) {
        context();
    }

    public static synchronized ConfigurableApplicationContext context() {
        if (context == null) {
            context = start(freshDatabase(), Map.of("moss.demo", "true", "moss.grids", folder()));
        }
        return context;
    }

    private static String folder() {
        try {
            return Files.createTempDirectory("moss-grids").toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static ConfigurableApplicationContext start(String url, Map<String, Object> more) {
        var application = new SpringApplication(MossWake.class);
        var settings = new java.util.HashMap<String, Object>(Map.of(
                "spring.datasource.url",
                url,
                "spring.datasource.username",
                environment("MOSS_TEST_DATABASE_USER"),
                "spring.datasource.password",
                environment("MOSS_TEST_DATABASE_PASSWORD"),
                "moss.postgres-bin",
                environment("MOSS_TEST_POSTGRES_BIN"),
                "server.port",
                "0",
                "moss.warm-up",
                "false"));
        settings.putAll(more);
        application.setDefaultProperties(settings);
        return application.run(settings.entrySet().stream()
                .map(e -> "--" + e.getKey() + "=" + e.getValue())
                .toArray(String[]::new));
    }

    public static String freshDatabase() {
        String name = "t" + UUID.randomUUID().toString().replace("-", "");
        try (Connection admin = connect("postgres")) {
            admin.createStatement().execute("create database " + name);
            return environment("MOSS_TEST_DATABASE_SERVER") + name;
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Connection connect(String database) throws SQLException {
        return DriverManager.getConnection(
                environment("MOSS_TEST_DATABASE_SERVER") + database,
                environment("MOSS_TEST_DATABASE_USER"),
                environment("MOSS_TEST_DATABASE_PASSWORD"));
    }

    public static String environment(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(name + " is not set: run ./moss test, which makes a cluster for the tests");
        }
        return value;
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        return parameter.getParameter().getType() == Api.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        return new Api("http://127.0.0.1:" + context().getEnvironment().getProperty("local.server.port"));
    }
}
