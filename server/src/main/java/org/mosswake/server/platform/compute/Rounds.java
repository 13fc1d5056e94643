package org.mosswake.server.platform.compute;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.task.ThreadPoolTaskSchedulerCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** What is looked after again and again, as long as the server runs. A round that fails is said, and the next one comes all the same. */
@Configuration
@EnableScheduling
class Rounds {
    private static final Logger LOG = LoggerFactory.getLogger(Rounds.class);

    /** One that takes long must not hold up the others. */
    private static final int THREADS = 4;

    @Bean
    ThreadPoolTaskSchedulerCustomizer plainly() {
        return scheduler -> {
            scheduler.setPoolSize(THREADS);
            scheduler.setDaemon(true);
            scheduler.setErrorHandler(failed -> LOG.warn("a round failed: {}", failed.toString()));
        };
    }
}
