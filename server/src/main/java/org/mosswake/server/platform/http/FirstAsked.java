package org.mosswake.server.platform.http;

import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/**
 * What a page asks for first, named in its head so that the browser fetches all of it at once instead of learning of
 * each when the one before has run. A hint only: a wrong one costs a fetch and changes nothing.
 */
@Component
class FirstAsked {
    private static final List<String> ON_A_SPREAD = List.of("spread", "rig", "deck");
    /** Every page begins with it; the shell asks for it when it has run. */
    private static final String START = "src/start.tsx";
    /** These draw it as it is solved. */
    private static final List<String> SOLVED = List.of("spread", "deck");

    private final Map<String, List<String>> scripts;
    private final Landing landing;

    FirstAsked(ObjectMapper json, Landing landing) throws IOException {
        this.landing = landing;
        var manifest = new ClassPathResource("static/manifest.json");
        if (manifest.exists()) {
            try (InputStream in = manifest.getInputStream()) {
                scripts = scriptsOf(json.readTree(in));
            }
        } else {
            scripts = Map.of();
        }
    }

    /**
     * Links for the head of the page at that path.
     *
     * @param known who asks may know which boats there are
     */
    String links(String path, boolean known) {
        String[] parts = (known && path.equals("/") ? landing.path() : path).split("/");
        String station = parts.length > 3 ? parts[3] : "spread";
        return Stream.concat(
                        scripts.getOrDefault(station, List.of()).stream()
                                .map(file -> "<link rel=\"modulepreload\" crossorigin href=\"/" + file + "\" />"),
                        replies(parts, station)
                                .map(address ->
                                        "<link rel=\"preload\" as=\"fetch\" crossorigin href=\"" + address + "\" />"))
                .collect(Collectors.joining("\n    "));
    }

    private static Stream<String> replies(String[] parts, String station) {
        Stream<String> boats = Stream.of("/api/boats");
        if (parts.length <= 2 || !isId(parts[2])) {
            return boats;
        }
        String boat = "/api/boats/" + parts[2];
        Stream<String> hers = Stream.concat(boats, Stream.of(boat, boat + "/gear"));
        if (!ON_A_SPREAD.contains(station)) {
            return hers;
        }
        Stream<String> spreads = Stream.concat(hers, Stream.of(boat + "/spreads", boat + "/put-away"));
        if (parts.length <= 4 || !isId(parts[4])) {
            return spreads;
        }
        String one = boat + "/spreads/" + parts[4];
        return Stream.concat(spreads, SOLVED.contains(station) ? Stream.of(one, one + "/solved") : Stream.of(one));
    }

    /** Only what is an id comes back in the page. */
    private static boolean isId(String text) {
        try {
            return UUID.fromString(text).toString().equals(text);
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** Of each station's page its own script, what every page starts with and all that they import, but for what the shell names. */
    private static Map<String, List<String>> scriptsOf(JsonNode manifest) {
        return manifest.propertyNames().stream()
                .filter(source -> source.startsWith("src/app/") && source.endsWith("Page.tsx"))
                .collect(Collectors.toMap(FirstAsked::stationOf, source -> {
                    var files = new LinkedHashSet<String>();
                    gather(manifest, START, files);
                    gather(manifest, source, files);
                    var named = new LinkedHashSet<String>();
                    gather(manifest, "index.html", named);
                    files.removeAll(named);
                    return List.copyOf(files);
                }));
    }

    private static String stationOf(String source) {
        return source.substring(source.lastIndexOf('/') + 1, source.length() - "Page.tsx".length())
                .toLowerCase(Locale.ROOT);
    }

    private static void gather(JsonNode manifest, String source, Set<String> files) {
        JsonNode entry = manifest.path(source);
        if (files.add(entry.path("file").asString())) {
            entry.path("imports").forEach(imported -> gather(manifest, imported.asString(), files));
        }
    }
}
