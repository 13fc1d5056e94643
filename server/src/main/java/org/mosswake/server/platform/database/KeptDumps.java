package org.mosswake.server.platform.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.IsoFields;
import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** The last dumps: one for each of seven days and of four weeks, and some of those taken before something was changed. */
@Component
class KeptDumps {
    private static final Logger LOG = LoggerFactory.getLogger(KeptDumps.class);
    private static final String DAY = "day-";
    private static final String WEEK = "week-";
    /** Kept of each kind, by the beginning of the name. */
    private static final List<Kind> KINDS = List.of(new Kind(DAY, 7), new Kind(WEEK, 4), new Kind("before-", 10));

    private record Kind(String begins, int kept) {}

    private final DatabaseDump dump;
    private final Clock clock;

    KeptDumps(DatabaseDump dump, Clock clock) {
        this.dump = dump;
        this.clock = clock;
    }

    /** Takes what is due; the first of a day is also the first of its week where that has none. */
    void takeDue() throws IOException {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        Path ofDay = dump.folder().resolve(DAY + today + ".dump");
        if (!Files.exists(ofDay)) {
            dump.take(DAY + today);
            LOG.debug("dumped to {}", ofDay);
        }
        String week = "%s%d-W%02d"
                .formatted(WEEK, today.get(IsoFields.WEEK_BASED_YEAR), today.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
        if (!Files.exists(dump.folder().resolve(week + ".dump"))) {
            Path part = dump.folder().resolve(week + ".dump.part");
            Files.copy(ofDay, part, StandardCopyOption.REPLACE_EXISTING);
            Files.move(part, dump.folder().resolve(week + ".dump"));
        }
        prune();
    }

    private void prune() throws IOException {
        for (Kind kind : KINDS) {
            try (var files = Files.list(dump.folder())) {
                // Names carry their date: the last ones sort last.
                List<Path> old = files.filter(file -> name(file).startsWith(kind.begins()))
                        .filter(file -> name(file).endsWith(".dump"))
                        .sorted(Comparator.comparing(KeptDumps::date).reversed())
                        .skip(kind.kept())
                        .toList();
                for (Path file : old) {
                    Files.deleteIfExists(file);
                }
            }
        }
    }

    private static String name(Path file) {
        return file.getFileName().toString();
    }

    private static String date(Path file) {
        return name(file).replaceFirst("^\\D+", "");
    }
}
