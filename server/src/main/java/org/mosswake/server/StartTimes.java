package org.mosswake.server;

import java.util.Locale;

/** How long a start took, part by part, where the start command began it. */
final class StartTimes {
    private StartTimes() {}

    static void print() {
        long began = at("MOSS_BEGAN");
        long database = at("MOSS_DATABASE_BEGAN");
        long handed = at("MOSS_HANDED");
        if (began == 0 || database == 0 || handed == 0) {
            return;
        }
        long now = System.currentTimeMillis();
        System.out.printf(
                Locale.ROOT,
                "moss: started in %.1f s: looking over what is here %.1f, database %.1f, server %.1f%n",
                (now - began) / 1000.0,
                (database - began) / 1000.0,
                (handed - database) / 1000.0,
                (now - handed) / 1000.0);
    }

    private static long at(String name) {
        String text = System.getenv(name);
        return text == null || !text.matches("\\d{1,18}") ? 0 : Long.parseLong(text);
    }
}
