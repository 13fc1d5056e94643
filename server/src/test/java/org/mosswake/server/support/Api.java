package org.mosswake.server.support;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Talks to the running server as any client would. */
public final class Api {
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    public static final JsonMapper JSON = JsonMapper.shared();

    /** A status with the body read as JSON where it is JSON. */
    public record Answer(int status, String text) {
        public JsonNode json() {
            return JSON.readTree(text);
        }

        /** Fields blamed, in order. */
        public List<String> fields() {
            return json().path("faults")
                    .valueStream()
                    .map(f -> f.get("field").asString())
                    .toList();
        }

        public List<String> codes() {
            return json().path("faults")
                    .valueStream()
                    .map(f -> f.get("code").asString())
                    .toList();
        }
    }

    private final String base;

    public Api(String base) {
        this.base = base;
    }

    public Answer get(String path) {
        return send("GET", path, null);
    }

    public Answer post(String path, Object body) {
        return send("POST", path, text(body));
    }

    public Answer put(String path, Object body) {
        return send("PUT", path, text(body));
    }

    private static String text(Object body) {
        return body instanceof String text ? text : JSON.writeValueAsString(body);
    }

    public Answer send(String method, String path, String body, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        if (body != null) {
            request.header("Content-Type", "application/json");
        }
        for (int i = 0; i < headers.length; i += 2) {
            request.setHeader(headers[i], headers[i + 1]);
        }
        return send(request.build());
    }

    private static Answer send(HttpRequest request) {
        try {
            HttpResponse<String> response = HTTP.send(request, BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** A file as it is. */
    public Answer postBytes(String path, String type, byte[] body) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", type)
                .POST(BodyPublishers.ofByteArray(body))
                .build());
    }

    public byte[] getBytes(String path) {
        try {
            return HTTP.send(HttpRequest.newBuilder(URI.create(base + path)).build(), BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** A boat of her own with nothing in the box. */
    public String newBoat() {
        ObjectNode boat = (ObjectNode) get(quietLedger()).json();
        String id = UUID.randomUUID().toString();
        boat.put("boatId", id).put("version", 0).put("name", "Nobody's");
        boat.get("holders")
                .forEach(holder ->
                        ((ObjectNode) holder).put("holderId", UUID.randomUUID().toString()));
        Answer made = put("/api/boats/" + id, boat);
        if (made.status() != 200) {
            throw new AssertionError(made.text());
        }
        return "/api/boats/" + id;
    }

    /** The demo boat with riggers. */
    public String quietLedger() {
        return "/api/boats/" + named(get("/api/boats").json(), "Quiet Ledger", "boatId");
    }

    public static String named(JsonNode list, String name, String idField) {
        return list.valueStream()
                .filter(item -> item.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .get(idField)
                .asString();
    }

    /** The demo boat with a downrigger. */
    public String sprat() {
        return "/api/boats/" + named(get("/api/boats").json(), "Sprat", "boatId");
    }

    /** The mixed surface spread of the demo, as kept. */
    public ObjectNode mixedSurface() {
        return spread(quietLedger(), "Mixed surface");
    }

    public ObjectNode spread(String boat, String name) {
        String spread = named(get(boat + "/spreads").json(), name, "spreadId");
        return (ObjectNode) get(boat + "/spreads/" + spread).json();
    }
}
