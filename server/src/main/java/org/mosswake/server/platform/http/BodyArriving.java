package org.mosswake.server.platform.http;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;

/** Gathers a body as its bytes come, and goes on with the request when it is whole. */
final class BodyArriving implements ReadListener {
    private final AsyncContext waiting;
    private final BufferedRequest request;
    private final BodyRules rules;
    private final ServletInputStream in;
    private final ByteArrayOutputStream gathered = new ByteArrayOutputStream();
    private final byte[] chunk = new byte[8192];
    private boolean ended;

    BodyArriving(AsyncContext waiting, BufferedRequest request, BodyRules rules, ServletInputStream in) {
        this.waiting = waiting;
        this.request = request;
        this.rules = rules;
        this.in = in;
    }

    @Override
    public void onDataAvailable() throws IOException {
        while (!ended && in.isReady() && !in.isFinished()) {
            int read = in.read(chunk);
            if (read < 0) {
                return;
            }
            gathered.write(chunk, 0, read);
            if (gathered.size() > rules.bytes()) {
                refuse();
            }
        }
    }

    private void refuse() throws IOException {
        ended = true;
        var response = (HttpServletResponse) waiting.getResponse();
        response.setHeader("Connection", "close");
        Refusal.write(response, 413, "The request is too large", rules.tooLarge());
        waiting.complete();
    }

    @Override
    public void onAllDataRead() {
        if (!ended) {
            ended = true;
            request.arrived(gathered.toByteArray());
            waiting.dispatch();
        }
    }

    @Override
    public void onError(Throwable gone) {
        if (!ended) {
            ended = true;
            try {
                tooSlow(waiting, rules);
            } catch (IOException e) {
                waiting.complete();
            }
        }
    }

    /** Also where the connection gave up waiting for the next byte. */
    static void tooSlow(AsyncContext waiting, BodyRules rules) throws IOException {
        var response = (HttpServletResponse) waiting.getResponse();
        if (!response.isCommitted()) {
            response.setHeader("Connection", "close");
            Refusal.write(
                    response,
                    408,
                    "The request came too slowly",
                    "It must arrive whole within " + rules.time().toSeconds() + " s. Nothing was done.");
        }
        waiting.complete();
    }
}
