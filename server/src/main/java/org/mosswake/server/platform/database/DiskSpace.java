package org.mosswake.server.platform.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Room on the disk that holds what is kept: told apart from a database that is away, since the mend is another. */
@Component("disk")
public class DiskSpace implements HealthIndicator {
    private final Path home;
    private final long leastBytes;

    DiskSpace(@Value("${moss.disk:}") String home, @Value("${moss.least-disk-bytes:67108864}") long leastBytes) {
        this.home = Path.of(home.isEmpty() ? "." : home);
        this.leastBytes = leastBytes;
    }

    public boolean isFull() {
        return left() < leastBytes;
    }

    private long left() {
        try {
            Path there = home.toAbsolutePath();
            while (there.getParent() != null && !Files.exists(there)) {
                there = there.getParent();
            }
            return Files.getFileStore(there).getUsableSpace();
        } catch (IOException e) {
            return Long.MAX_VALUE;
        }
    }

    @Override
    public Health health() {
        return (isFull() ? Health.outOfService() : Health.up()).build();
    }
}
