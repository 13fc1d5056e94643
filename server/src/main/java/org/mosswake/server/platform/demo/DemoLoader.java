package org.mosswake.server.platform.demo;

import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Loads the demo into an empty database; does nothing where any boat is kept. */
@Component
@ConditionalOnProperty("moss.demo")
class DemoLoader implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final List<DemoPart> parts;
    private final JdbcClient database;

    DemoLoader(List<DemoPart> parts, JdbcClient database) {
        this.parts = parts;
        this.database = database;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        database.sql("lock table vessel in exclusive mode").update();
        if (database.sql("select count(*) from vessel").query(Integer.class).single() == 0) {
            parts.stream().sorted(Comparator.comparingInt(DemoPart::order)).forEach(DemoPart::load);
            LOG.info("demo data loaded: Tarrow Banks and Skarn Sound");
        }
    }
}
