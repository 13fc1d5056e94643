package org.mosswake.bench.sturdy;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

/** Asks a running product, counts what must not be, and remembers how long it took. */
public final class Client {
    private final HttpClient http = HttpClient.newHttpClient();
    private final String base;
    private final AtomicInteger asked = new AtomicInteger();
    private final AtomicInteger bad = new AtomicInteger();

    public Client(String base) {
        this.base = base;
    }

    public record Answer(int status, String text, double ms) {}

    public Answer ask(String method, String path, String body) {
        var request = HttpRequest.newBuilder(URI.create(base + path))
                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        if (body != null) {
            request.header("Content-Type", path.endsWith(".csv") ? "text/csv" : "application/json");
        }
        long began = System.nanoTime();
        try {
            var answer = http.send(request.build(), BodyHandlers.ofString());
            asked.incrementAndGet();
            if (answer.statusCode() >= 500 || answer.body().contains("Exception")) {
                if (bad.incrementAndGet() <= 5) {
                    System.out.printf("  BAD %d %s %s %s%n", answer.statusCode(), method, path, body);
                }
            }
            return new Answer(answer.statusCode(), answer.body(), (System.nanoTime() - began) / 1e6);
        } catch (IOException e) {
            bad.incrementAndGet();
            return new Answer(0, e.toString(), (System.nanoTime() - began) / 1e6);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    int asked() {
        return asked.get();
    }

    public int bad() {
        return bad.get();
    }

    String host() {
        return URI.create(base).getHost();
    }

    int port() {
        return URI.create(base).getPort();
    }

    public static double percentile(List<Double> times, double share) {
        var sorted = new ArrayList<>(times);
        Collections.sort(sorted);
        return sorted.get((int) Math.min(sorted.size() - 1, Math.floor(share * sorted.size())));
    }
}
