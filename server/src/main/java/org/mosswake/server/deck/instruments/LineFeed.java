package org.mosswake.server.deck.instruments;

import java.util.function.Consumer;

/** Cuts bytes into lines; one without an end is dropped, so that a wire gone mad costs no memory. */
final class LineFeed {
    private static final int LONGEST = 512;

    private final Consumer<String> line;
    private final StringBuilder begun = new StringBuilder();
    private boolean tooLong;

    LineFeed(Consumer<String> line) {
        this.line = line;
    }

    void take(byte[] bytes, int count) {
        for (int i = 0; i < count; i++) {
            char c = (char) (bytes[i] & 0xff);
            if (c == '\n' || c == '\r') {
                end();
            } else if (begun.length() < LONGEST) {
                begun.append(c);
            } else {
                tooLong = true;
            }
        }
    }

    /** What has no end yet is a line all the same: a datagram is whole. */
    void end() {
        if (!begun.isEmpty() && !tooLong) {
            line.accept(begun.toString());
        }
        begun.setLength(0);
        tooLong = false;
    }
}
