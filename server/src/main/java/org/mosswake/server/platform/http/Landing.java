package org.mosswake.server.platform.http;

/** Where the page comes to stand when its address names nothing. */
public interface Landing {
    /** Path of a page on a spread, as it was when last looked; empty while it is not known. Answers at once. */
    String path();
}
