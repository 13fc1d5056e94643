package org.mosswake.server.deck.live;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.mosswake.core.live.LiveSpread;
import org.mosswake.core.spread.Spread;

/** Spreads that are at sea, each as far as it has been led; one that is asked for anew is led from before. */
final class LiveSpreads {
    private static final int MOST_KEPT = 8;

    /** What tells one from another: another let-out, another lure, another line out is another spread. */
    record Asked(UUID vessel, Spread spread, List<UUID> out, double boatLengthM, boolean withStream) {}

    /** One of them; asked by one at a time. */
    static final class Kept {
        private final LiveSpread live;
        private Instant heard = Instant.EPOCH;

        private Kept(LiveSpread live) {
            this.live = live;
        }

        LiveSpread live() {
            return live;
        }

        /** The last that was told of her. */
        Instant heard() {
            return heard;
        }

        void heard(Instant at) {
            heard = at;
        }
    }

    private final Map<Asked, Kept> kept = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, Kept> eldest) {
            return size() > MOST_KEPT;
        }
    };

    <T> T with(Asked asked, Supplier<LiveSpread> begin, Function<Kept, T> ask) {
        Kept one = find(asked);
        if (one == null) {
            one = keep(asked, new Kept(begin.get()));
        }
        synchronized (one) {
            return ask.apply(one);
        }
    }

    private synchronized Kept find(Asked asked) {
        return kept.get(asked);
    }

    /** Who began it at the same time goes on with the first. */
    private synchronized Kept keep(Asked asked, Kept begun) {
        Kept before = kept.putIfAbsent(asked, begun);
        return before == null ? begun : before;
    }
}
