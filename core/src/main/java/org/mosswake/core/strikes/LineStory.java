package org.mosswake.core.strikes;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.mosswake.core.strikes.Happening.Changed;
import org.mosswake.core.strikes.Happening.Cleared;
import org.mosswake.core.strikes.Happening.Landed;
import org.mosswake.core.strikes.Happening.Lost;
import org.mosswake.core.strikes.Happening.OfLine;
import org.mosswake.core.strikes.Happening.Struck;
import org.mosswake.core.strikes.Stretch.State;

/**
 * One line's day, told fact by fact in time. What shows that a line was out although nobody said it went out leaves a gap
 * before it: that time is neither exposure nor none.
 */
final class LineStory {
    private final List<Stretch> told = new ArrayList<>();
    private final Set<UUID> on = new HashSet<>();
    /** Strikes that ended before they began, by clocks that differ. */
    private final Set<UUID> over = new HashSet<>();

    private Stretch now;

    /** @param begin the day's first fact: before it nobody asks */
    LineStory(Instant begin) {
        now = new Stretch(begin, Optional.empty(), State.UNKNOWN, Optional.empty());
    }

    void tell(Fact fact) {
        if (fact.what() instanceof Happening.Set set) {
            on.clear();
            go(fact.at(), State.OUT, set.letOutM());
        } else if (fact.what() instanceof Cleared) {
            on.clear();
            go(fact.at(), State.IN, Optional.empty());
        } else if (fact.what() instanceof OfLine shown) {
            wasOut(fact.at(), shown instanceof Struck);
            if (shown instanceof Changed changed) {
                go(fact.at(), State.OUT, changed.letOutM().or(() -> now.letOutM()));
            } else if (shown instanceof Struck) {
                struck(fact);
            }
        }
    }

    private void struck(Fact strike) {
        if (over.contains(strike.id())) {
            go(strike.at(), State.IN, Optional.empty());
        } else {
            on.add(strike.id());
            go(strike.at(), State.FIGHTING, now.letOutM());
        }
    }

    /** The end of a strike on this line: only a fish that was never hooked leaves it fishing. */
    void ended(Fact end, UUID strike) {
        over.add(strike);
        if (on.remove(strike) && on.isEmpty()) {
            boolean fishes = end.what() instanceof Lost lost
                    && lost.how().filter(Loss.KNOCKED_OFF::equals).isPresent();
            go(end.at(), fishes ? State.OUT : State.IN, fishes ? now.letOutM() : Optional.empty());
        }
    }

    static boolean ends(Fact fact) {
        return fact.what() instanceof Landed || fact.what() instanceof Lost;
    }

    private void wasOut(Instant at, boolean another) {
        boolean forgotten = now.state() == State.FIGHTING && !another;
        if (now.state() == State.IN || forgotten) {
            now = now.as(State.UNKNOWN);
            on.clear();
        }
        if (now.state() == State.UNKNOWN) {
            go(at, State.OUT, now.letOutM());
        }
    }

    private void go(Instant at, State state, Optional<Double> letOutM) {
        if (at.isAfter(now.from())) {
            told.add(now.until(at));
        }
        now = new Stretch(at, Optional.empty(), state, letOutM);
    }

    List<Stretch> stretches() {
        var all = new ArrayList<>(told);
        all.add(now);
        return List.copyOf(all);
    }
}
