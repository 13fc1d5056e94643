package org.mosswake.server.water;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.water.read.GridReader.Told;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * A folder on the computer that serves: a file put there is taken in for every boat whose water it shows, then lies in {@code taken};
 * what cannot be lies in {@code refused}, with why beside it. Nothing is thrown away.
 */
@Component
class GridFolder {
    private static final Logger LOG = LoggerFactory.getLogger(GridFolder.class);
    /** What a browser calls a file that is still coming. */
    private static final Set<String> UNDERWAY = Set.of("part", "tmp", "crdownload", "download");

    private static final String WHY = ".why.txt";
    private static final int MOST_SHOWN = 20;
    private static final long EVERY_S = 5;

    private final WaterService water;
    private final Optional<Path> folder;
    /** Of each file when it was looked at last: one that still grows is left alone. */
    private Map<Path, Stamp> before = Map.of();

    private record Stamp(long bytes, long changedMs) {}

    GridFolder(WaterService water, @Value("${moss.grids:}") String folder) {
        this.water = water;
        this.folder = folder.isEmpty() ? Optional.empty() : Optional.of(Path.of(folder));
    }

    /** Takes what lies there as it lay at the look before. */
    @Scheduled(initialDelay = EVERY_S, fixedDelay = EVERY_S, timeUnit = TimeUnit.SECONDS)
    synchronized void look() {
        if (folder.isEmpty()) {
            return;
        }
        try {
            var now = new HashMap<Path, Stamp>();
            for (Path file : waiting(folder.get())) {
                var stamp = new Stamp(
                        Files.size(file), Files.getLastModifiedTime(file).toMillis());
                if (stamp.equals(before.get(file))) {
                    take(file);
                } else {
                    now.put(file, stamp);
                }
            }
            before = now;
        } catch (IOException | RuntimeException e) {
            // A schedule whose task throws never looks again.
            LOG.warn("the folder of grids cannot be read: {}", e.getMessage());
        }
    }

    private static List<Path> waiting(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(file -> Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS))
                    .filter(file -> !nameOf(file).startsWith(".") && !UNDERWAY.contains(endOf(file)))
                    .sorted()
                    .toList();
        }
    }

    private static String nameOf(Path file) {
        return file.getFileName().toString();
    }

    private static String endOf(Path file) {
        String name = nameOf(file).toLowerCase(Locale.ROOT);
        return name.substring(name.lastIndexOf('.') + 1);
    }

    private void take(Path file) throws IOException {
        try {
            water.takeForAll(new Told(nameOf(file), Optional.empty(), Optional.empty()), file);
            move(file, "taken");
        } catch (FaultException e) {
            Fault why = e.faults().get(0);
            refuse(file, why.message() + ". " + why.mend());
        } catch (IOException e) {
            refuse(file, "it cannot be read: " + e.getMessage() + ". Let everybody read it, and put it there again.");
        } catch (OutOfMemoryError e) {
            refuse(file, "it is too large for the memory here. Cut it to the sea that you fish.");
        } catch (RuntimeException e) {
            // As without a database: it is tried again at the look after the next.
            LOG.warn("{} could not be taken in: {}", nameOf(file), e.getMessage());
        }
    }

    private static void refuse(Path file, String why) throws IOException {
        Path refused = move(file, "refused");
        Files.writeString(refused.resolveSibling(nameOf(file) + WHY), why + "\n");
    }

    private static Path move(Path file, String into) throws IOException {
        Path folder = Files.createDirectories(file.resolveSibling(into));
        return Files.move(file, folder.resolve(file.getFileName()), StandardCopyOption.REPLACE_EXISTING);
    }

    /** @return absent where no folder is watched */
    GridFolderReply reply() throws IOException {
        if (folder.isEmpty()) {
            return new GridFolderReply(null, List.of());
        }
        Path refused = folder.get().resolve("refused");
        if (!Files.isDirectory(refused)) {
            return new GridFolderReply(folder.get().toString(), List.of());
        }
        try (Stream<Path> all = Files.list(refused)) {
            List<GridFolderReply.Refused> why = all.filter(file -> nameOf(file).endsWith(WHY))
                    .sorted()
                    .limit(MOST_SHOWN)
                    .map(GridFolder::refused)
                    .toList();
            return new GridFolderReply(folder.get().toString(), why);
        }
    }

    /** Says no more of a file that was refused; the file stays where it is. */
    synchronized void letBe(String name) throws IOException {
        // Only what is listed: a name from outside is no path.
        if (reply().refused().stream().noneMatch(one -> one.name().equals(name))) {
            throw FaultException.of(FaultCode.NOT_FOUND, "name", name);
        }
        Files.deleteIfExists(folder.orElseThrow().resolve("refused").resolve(name + WHY));
    }

    private static GridFolderReply.Refused refused(Path why) {
        String name = nameOf(why);
        String words;
        try {
            words = Files.readString(why).strip();
        } catch (IOException e) {
            words = "";
        }
        return new GridFolderReply.Refused(name.substring(0, name.length() - WHY.length()), words);
    }
}
