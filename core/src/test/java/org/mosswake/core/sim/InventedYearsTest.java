package org.mosswake.core.sim;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.Odds;
import org.mosswake.core.log.Slice;
import org.mosswake.core.turn.Bend;

class InventedYearsTest {
    private static final ZoneId ZONE = ZoneId.of("Etc/GMT+3");
    private static final ToDoubleFunction<Instant> FLOOD = DemoTides.TARROW_BANKS::streamMps;

    private static List<LogEntry> years(long seed, int to) {
        return InventedYears.of(seed, 2007, to, 27.6, -47.3, ZONE, FLOOD);
    }

    @Test
    void theSameSeedIsTheSameYears() {
        assertThat(years(4, 2008)).isEqualTo(years(4, 2008));
        assertThat(years(5, 2008)).isNotEqualTo(years(4, 2008));
        assertThat(years(4, 2008).stream().map(LogEntry::id).distinct()).hasSameSizeAs(years(4, 2008));
    }

    /** Of what the log is sure of, hardly anything is false by the tastes the strikes were drawn from. */
    @Test
    void whatTheLogIsSureOfIsTrue() {
        int sure = 0;
        int right = 0;
        for (long seed = 0; seed < 12; seed++) {
            var ledger = Ledger.of(years(seed, 2015));
            Tastes tastes = InventedYears.tastes(seed);
            Slice all = ledger.slice(List.of());
            assertThat(all.strikes()).isBetween(400, 6_000);
            List<Ledger.Arm> colours = ledger.by(Facet.COLOUR, List.of());
            double odds = Odds.takesMore(colours.get(0).slice(), colours.get(1).slice());
            if (Math.max(odds, 1 - odds) > 0.95) {
                sure++;
                boolean first = liking(tastes, colours.get(0).choice())
                        > liking(tastes, colours.get(1).choice());
                right += first == odds > 0.5 ? 1 : 0;
            }
        }
        assertThat(sure).isGreaterThan(5);
        assertThat(right).isGreaterThanOrEqualTo(sure - 1);
    }

    private static double liking(Tastes tastes, String colour) {
        ColourRole role = colour.equals("imitator") ? ColourRole.IMITATOR : ColourRole.ATTRACTOR;
        return tastes.liking(new Offer("Centre, far", 2, role, 0.18, 1, Bend.NEITHER), true);
    }

    /** The best week is one of the two runs that the years were drawn with. */
    @Test
    void theSeasonIsFound() {
        var ledger = Ledger.of(years(20, 2026));
        Ledger.Arm best = ledger.by(Facet.MONTH, List.of()).stream()
                .filter(arm -> arm.slice().minutes() > 5000)
                .max(Comparator.comparingDouble(
                        arm -> arm.slice().strikes() / arm.slice().minutes()))
                .orElseThrow();
        assertThat(best.from()).isBetween(6.0, 10.0);
    }
}
