package org.mosswake.core.playbook;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The playbooks as data. Speeds through the water, let-outs from the tip; typical ranges of practice, none of them a
 * law, each a number the skipper can set (see {@link Numbers}). Where practice gives no figure it is an estimate, and
 * {@link Playbook#sure} says so.
 */
public final class Playbooks {
    private static final Map<PlaybookId, Playbook> ALL = new EnumMap<>(PlaybookId.class);

    static {
        Stream.of(WarmBooks.all(), ColdBooks.all()).flatMap(List::stream).forEach(book -> ALL.put(book.id(), book));
    }

    private Playbooks() {}

    public static Playbook usual(PlaybookId id) {
        return ALL.get(id);
    }
}
