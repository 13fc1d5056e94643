package org.mosswake.server.platform.http;

import java.io.IOException;

/** More bytes than a route takes. */
final class BodyTooLarge extends IOException {
    BodyTooLarge(long limit) {
        super("At most " + limit / 1024 + " KiB are accepted here.");
    }
}
