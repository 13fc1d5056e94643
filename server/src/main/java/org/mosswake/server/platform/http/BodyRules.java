package org.mosswake.server.platform.http;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Locale;

/**
 * What a body may be: JSON everywhere, but for the routes that take a file, which have limits of their own.
 *
 * @param bytes at most; a spread of twelve lines takes about 8 KiB
 * @param time  from the first byte to the last: a body must keep moving
 */
record BodyRules(String mediaType, long bytes, Duration time) {
    static final BodyRules JSON = new BodyRules("application/json", 128 * 1024, Duration.ofSeconds(10));
    private static final BodyRules TABLE = new BodyRules("text/csv", 1024 * 1024, Duration.ofSeconds(60));

    /** All of an owner: read as it comes, never held. */
    private static final BodyRules ARCHIVE =
            new BodyRules("application/json", 1024L * 1024 * 1024, Duration.ofMinutes(30));

    /** Ten hours with a place each second. */
    private static final BodyRules WAY = new BodyRules("application/gpx+xml", 4800 * 1024, Duration.ofMinutes(2));

    /** Some two hours of what a boat's instruments write. */
    private static final BodyRules RECORDING = new BodyRules("text/plain", 4 * 1024 * 1024, Duration.ofMinutes(5));

    /** A region of the sea at every cell for some days: put by as it comes. */
    private static final BodyRules GRID =
            new BodyRules("application/octet-stream", 256L * 1024 * 1024, Duration.ofMinutes(10));

    private static final BodyRules GEO_WAY = new BodyRules("application/geo+json", WAY.bytes(), WAY.time());

    static BodyRules of(HttpServletRequest request) {
        String path = request.getRequestURI();
        if (path.endsWith(".csv")) {
            return TABLE;
        }
        if (path.equals("/api/owners")) {
            return ARCHIVE;
        }
        if (path.endsWith(".gpx")) {
            return WAY;
        }
        if (path.endsWith(".geojson")) {
            return GEO_WAY;
        }
        if (path.endsWith("/water")) {
            return GRID;
        }
        return path.endsWith("/recording") ? RECORDING : JSON;
    }

    boolean takes(String contentType) {
        return contentType != null
                && contentType.split(";", 2)[0].strip().toLowerCase(Locale.ROOT).equals(mediaType);
    }

    /** Too large to be held whole: whoever takes it reads it as it comes. */
    boolean streamed() {
        return this == ARCHIVE || this == GRID;
    }

    String tooLarge() {
        return "At most " + bytes / 1024 + " KiB are accepted here.";
    }
}
