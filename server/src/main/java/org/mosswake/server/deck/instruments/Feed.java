package org.mosswake.server.deck.instruments;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.mosswake.core.deck.RecordingPace;
import org.mosswake.core.sim.SimulatedBoat;

/** Lines of one source, on a thread of its own until it is closed; a wire that breaks is tried again. */
final class Feed implements AutoCloseable {
    private static final int CONNECT_MS = 4000;
    /** So often it is looked whether the feed is still wanted. */
    private static final int READ_MS = 1000;

    private static final long AGAIN_MS = 2000;
    private static final int BUFFER = 2048;
    /** A recording begins again once what it told last is old: she is somewhere else then. */
    private static final long BEGIN_AGAIN_MS = 25_000;

    /** Recordings by the source that plays them. */
    interface Recordings {
        Optional<InputStream> open(UUID source) throws IOException;
    }

    /** The recording of this source, from its beginning. */
    interface Recording {
        Optional<InputStream> open() throws IOException;
    }

    private final SourceBody source;
    private final LineFeed lines;
    private final SimulatedBoat boat;
    private final Recording recording;
    private final Thread thread;
    private volatile boolean closed;
    private volatile String trouble = "";

    Feed(SourceBody source, SimulatedBoat boat, Recording recording, Consumer<String> line) {
        this.source = source;
        this.boat = boat;
        this.recording = recording;
        lines = new LineFeed(line);
        thread = new Thread(this::run, "instruments");
        thread.setDaemon(true);
        thread.start();
    }

    SourceBody source() {
        return source;
    }

    /** Why nothing comes in, in words; empty while the wire holds. */
    String trouble() {
        return trouble;
    }

    private void run() {
        while (!closed) {
            try {
                switch (source.way()) {
                    case TCP -> tcp();
                    case UDP -> udp();
                    case SIMULATED -> simulated();
                    case RECORDED -> recorded();
                }
            } catch (IOException | RuntimeException e) {
                trouble = String.valueOf(e.getMessage());
            }
            pause(AGAIN_MS);
        }
    }

    private void tcp() throws IOException {
        try (var socket = new Socket()) {
            socket.connect(new InetSocketAddress(source.host(), source.port()), CONNECT_MS);
            socket.setSoTimeout(READ_MS);
            trouble = "";
            byte[] buffer = new byte[BUFFER];
            var in = socket.getInputStream();
            while (!closed) {
                try {
                    int count = in.read(buffer);
                    if (count < 0) {
                        trouble = "the other side hung up";
                        return;
                    }
                    lines.take(buffer, count);
                } catch (SocketTimeoutException quiet) {
                    // Nothing came; the age of what it told says so.
                }
            }
        }
    }

    private void udp() throws IOException {
        try (var socket = new DatagramSocket(null)) {
            socket.setReuseAddress(true);
            socket.bind(new InetSocketAddress((InetAddress) null, source.port()));
            socket.setSoTimeout(READ_MS);
            trouble = "";
            var packet = new DatagramPacket(new byte[BUFFER], BUFFER);
            while (!closed) {
                try {
                    socket.receive(packet);
                    lines.take(packet.getData(), packet.getLength());
                    lines.end();
                } catch (SocketTimeoutException quiet) {
                    // As above.
                }
            }
        }
    }

    private void simulated() {
        while (!closed) {
            for (String sentence : boat.nextSecond()) {
                byte[] bytes = (sentence + "\r\n").getBytes(StandardCharsets.US_ASCII);
                lines.take(bytes, bytes.length);
            }
            pause(1000);
        }
    }

    private void recorded() throws IOException {
        var opened = recording.open();
        if (opened.isEmpty()) {
            trouble = "its file is gone";
            return;
        }
        trouble = "";
        var pace = new RecordingPace();
        try (var in = new BufferedReader(new InputStreamReader(opened.get(), StandardCharsets.ISO_8859_1))) {
            for (String line = in.readLine(); line != null && !closed; line = in.readLine()) {
                pause(pace.before(line).toMillis());
                byte[] bytes = (line + "\n").getBytes(StandardCharsets.ISO_8859_1);
                lines.take(bytes, bytes.length);
            }
        }
        pause(BEGIN_AGAIN_MS);
    }

    private void pause(long ms) {
        try {
            if (!closed && ms > 0) {
                Thread.sleep(ms);
            }
        } catch (InterruptedException e) {
            closed = true;
        }
    }

    @Override
    public void close() {
        closed = true;
        thread.interrupt();
    }
}
