package org.mosswake.server;

import java.time.Clock;
import org.mosswake.server.platform.database.RefusedToStart;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the server; prints the ready line for the start command. */
@SpringBootApplication
public class MossWake {
    public static void main(String[] args) {
        try {
            var context = SpringApplication.run(MossWake.class, args);
            String port = context.getEnvironment().getProperty("local.server.port");
            StartTimes.print();
            System.out.println("Moss Wake is ready at http://127.0.0.1:" + port);
        } catch (RuntimeException e) {
            RefusedToStart.explain(e);
            System.exit(1);
        }
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
