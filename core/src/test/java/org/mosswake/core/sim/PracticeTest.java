package org.mosswake.core.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.clock.SunDay.Light;
import org.mosswake.core.deck.NmeaReader;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.live.Sample;
import org.mosswake.core.strikes.Seen;
import org.mosswake.core.turn.Bend;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.SpeedUnit;

class PracticeTest {
    private static final Sample.Place HOME = new Sample.Place(27.6, -47.3);
    private static final Instant DAWN = Instant.parse("2026-06-18T08:30:00Z");
    private static final double TROLLS = SpeedUnit.KNOT.toSi(7);
    private static final List<String> POSITIONS = List.of("C1", "S1", "P1", "S2", "P2", "D1");
    private static final long MORNINGS = 12;
    private static final int MORNING_S = 4 * 3600;
    private static final Map<Long, List<Bite>> FISHED = new ConcurrentHashMap<>();

    private static Practice of(long seed) {
        return new Practice(seed, HOME, 40, DemoTides.TARROW_BANKS::streamMps, at -> Light.DAY);
    }

    private static UUID line(String position) {
        return UUID.nameUUIDFromBytes(position.getBytes());
    }

    /** Lures hang astern of her, each a boat's length or two from the next; nobody takes weed off unless told. */
    private static List<Practice.Line> lines(Instant cleanSince) {
        var lines = new ArrayList<Practice.Line>();
        for (int i = 0; i < POSITIONS.size(); i++) {
            double off = 25 + 12 * i;
            lines.add(new Practice.Line(
                    line(POSITIONS.get(i)),
                    new Offer(POSITIONS.get(i), 1 + 2 * i, ColourRole.IMITATOR, 0.18, 1, Bend.NEITHER),
                    -off,
                    0,
                    cleanSince));
        }
        return lines;
    }

    /** Four hours of a seed, fished once for all that is asked of them. */
    private static List<Bite> morning(long seed) {
        return FISHED.computeIfAbsent(seed, s -> fished(of(s)));
    }

    private static List<Bite> fished(Practice practice) {
        var bites = new HashMap<String, Bite>();
        PracticeState state = practice.begin(DAWN, TROLLS);
        for (int i = 0; i < MORNING_S; i++) {
            state = practice.second(state, lines(state.at()));
            state.bites().forEach(bite -> bites.put(bite.lineId() + " " + bite.at(), bite));
        }
        return List.copyOf(bites.values());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 99})
    void instrumentsWriteWhatIsReadAndSheStaysOnHerSea(long seed) {
        Practice practice = of(seed);
        PracticeState state = practice.begin(DAWN, TROLLS);
        for (int i = 0; i < 3 * 3600; i++) {
            state = practice.second(state, List.of());
            practice.writes(state)
                    .forEach(sentence -> assertThat(NmeaReader.read(sentence).wrong())
                            .as(sentence)
                            .isEmpty());
            assertThat(Plane.hypot(state.northM(), state.eastM())).isLessThan(1.4 * SyntheticSea.HALF_LENGTH_M);
        }
        assertThat(state.at()).isEqualTo(DAWN.plusSeconds(3 * 3600));
    }

    /** Three to the hour over days, by seeds; some days are twice as good as others. */
    @Test
    void daysAreWorthFishing() {
        double perHour = 0;
        for (long seed = 1; seed <= MORNINGS; seed++) {
            perHour += morning(seed).size() / (MORNING_S / 3600.0) / MORNINGS;
        }
        assertThat(perHour).isBetween(2.0, 6.0);
    }

    /** What is taken follows the tastes that nobody is shown. */
    @Test
    void strikesComeByHiddenTastes() {
        double liked = 0;
        double all = 0;
        for (long seed = 1; seed <= MORNINGS; seed++) {
            var tastes = new Tastes(seed, 0.8);
            Map<UUID, Double> worth = new HashMap<>();
            lines(DAWN).forEach(line -> worth.put(line.lineId(), tastes.liking(line.offer(), true)));
            UUID best = worth.entrySet().stream()
                    .max(Map.Entry.comparingByValue())
                    .orElseThrow()
                    .getKey();
            List<Bite> bites = morning(seed);
            liked += bites.stream().filter(bite -> bite.lineId().equals(best)).count();
            all += bites.size();
        }
        assertThat(liked / all).isGreaterThan(1.6 / POSITIONS.size());
    }

    @Test
    void divingBirdsAreOverMoreFish() {
        SyntheticSea sea = of(5).sea();
        double under = 0;
        double beside = 0;
        int seen = 0;
        for (int minute = 0; minute < 600; minute += 5) {
            Instant at = DAWN.plusSeconds(60L * minute);
            for (Flock flock : sea.flocks(at)) {
                if (flock.doing() == Seen.BIRDS_DIVING) {
                    under += sea.fish(flock.northM(), flock.eastM(), at);
                    beside += sea.fish(flock.northM() + 500, flock.eastM() + 500, at);
                    seen++;
                }
            }
        }
        assertThat(seen).isGreaterThan(30);
        assertThat(under).isGreaterThan(4 * beside);
    }

    /** They fly, and are nowhere all at once. */
    @Test
    void flocksMoveAsBirdsDo() {
        SyntheticSea sea = of(8).sea();
        List<Flock> was = sea.flocks(DAWN);
        for (int second = 1; second < 4 * 3600; second++) {
            List<Flock> now = sea.flocks(DAWN.plusSeconds(second));
            for (int i = 0; i < now.size(); i++) {
                boolean turned = now.get(i).doing() != was.get(i).doing();
                double moved = Plane.hypot(
                        now.get(i).northM() - was.get(i).northM(),
                        now.get(i).eastM() - was.get(i).eastM());
                assertThat(moved).isLessThan(turned ? 160 : 25);
            }
            was = now;
        }
    }

    /** The same day, whoever looks how often; what is kept between two looks is all of it. */
    @Test
    void aDayCanBeTakenUpAgain() {
        PracticeState one = of(4).begin(DAWN, TROLLS);
        PracticeState other = of(4).begin(DAWN, TROLLS);
        Practice practice = of(4);
        for (int i = 0; i < 1800; i++) {
            one = practice.second(one, lines(DAWN));
            other = of(4).second(other, lines(DAWN));
        }
        assertThat(other).isEqualTo(one);
    }

    /** A rip stands behind a bar where the stream runs hard, on its downstream side; at slack there is none. */
    @Test
    void aRipStandsBehindTheBarWhileTheStreamRuns() {
        var slack = new SyntheticSea(4, 0, 24, at -> 0, at -> Light.DAY);
        var floods = new SyntheticSea(4, 0, 24, at -> 0.6, at -> Light.DAY);
        var ebbs = new SyntheticSea(4, 0, 24, at -> -0.6, at -> Light.DAY);
        double[] onFlood = strongest(floods);
        double[] onEbb = strongest(ebbs);
        assertThat(strongest(slack)[1]).isZero();
        assertThat(onFlood[1]).isGreaterThan(0.9);
        assertThat(onEbb[1]).isGreaterThan(0.9);
        assertThat(onFlood[0] - onEbb[0]).as("each behind the bar").isBetween(80.0, 160.0);
        assertThat(floods.fish(onFlood[0], onFlood[2], DAWN))
                .isGreaterThan(2 * slack.fish(onFlood[0], onFlood[2], DAWN));
        double bar = (onFlood[0] + onEbb[0]) / 2;
        assertThat(floods.stream(bar, onFlood[2], DAWN)[0]).isBetween(0.9, 1.05);
        assertThat(floods.depthM(bar, onFlood[2])).isLessThan(floods.depthM(bar + 400, onFlood[2]) * 0.6);
    }

    /** Where a rip is strongest: north, how strong, east. */
    private static double[] strongest(SyntheticSea sea) {
        double[] best = {0, 0, 0};
        for (double north = -2600; north <= 2600; north += 20) {
            for (double east = -700; east <= 100; east += 20) {
                double rip = sea.rip(north, east, DAWN);
                best = rip > best[1] ? new double[] {north, rip, east} : best;
            }
        }
        return best;
    }

    @Test
    void coldSeasAreShoaler() {
        var warm = new SyntheticSea(4, 0, 24, at -> 0, at -> Light.DAY);
        var cold = new SyntheticSea(4, 0, 11, at -> 0, at -> Light.DAY);
        assertThat(warm.depthM(0, 900)).isBetween(90.0, 97.0);
        assertThat(cold.depthM(0, 900)).isBetween(40.0, 46.0);
    }

    /** A circle of 60 m closes but for what the stream did meanwhile. */
    @Test
    void sheAnswersHerHelm() {
        Practice practice = of(6);
        PracticeState begun = practice.begin(DAWN, TROLLS).steered(Steering.CIRCLE_STARBOARD, 0, 60, TROLLS);
        int round = (int) Math.round(2 * Math.PI * 60 / TROLLS);
        PracticeState state = begun;
        for (int i = 0; i < round; i++) {
            state = practice.second(state, List.of());
        }
        double[] stream = practice.sea().stream(0, 0, DAWN);
        assertThat(state.northM()).isCloseTo(stream[0] * round, within(12.0));
        assertThat(state.eastM()).isCloseTo(stream[1] * round, within(12.0));
        PracticeState steady = state.steered(Steering.COURSE, 200, 60, SpeedUnit.KNOT.toSi(5));
        for (int i = 0; i < 90; i++) {
            steady = practice.second(steady, List.of());
        }
        assertThat(steady.headingDeg()).isCloseTo(200, within(0.01));
        assertThat(SpeedUnit.KNOT.fromSi(steady.throughMps())).isCloseTo(5, within(0.01));
    }

    /** A line that carries weed takes nothing until somebody has looked it over. */
    @Test
    void weedIsCaughtAndTakenOff() {
        Practice practice = of(3);
        PracticeState state = practice.begin(DAWN, TROLLS);
        int carried = 0;
        for (int i = 0; i < 8 * 3600 && carried == 0; i++) {
            state = practice.second(state, lines(DAWN));
            carried = state.weedy().size();
        }
        assertThat(carried).isPositive();
        UUID line = state.weedy().keySet().iterator().next();
        assertThat(practice.signals(state))
                .anyMatch(
                        one -> one.told() == Practice.Told.WEEDY && one.lineId().equals(line));
        PracticeState clean = practice.second(state, lines(state.at().plusSeconds(1)));
        assertThat(clean.weedy()).doesNotContainKey(line);
    }

    @Test
    void aFishIsOnAndThenAlongsideOrGone() {
        Practice practice = of(2);
        PracticeState state = practice.begin(DAWN, TROLLS);
        while (state.bites().isEmpty()) {
            state = practice.second(state, lines(state.at()));
        }
        assertThat(Practice.isTaken(state)).isTrue();
        Bite bite = state.bites().get(0);
        assertThat(practice.signals(state)).extracting(Practice.Signal::told).containsExactly(Practice.Told.GOES_OFF);
        while (state.at().isBefore(bite.ends())) {
            state = practice.second(state, List.of());
        }
        assertThat(practice.signals(state))
                .extracting(Practice.Signal::told)
                .containsExactly(bite.landed() ? Practice.Told.ALONGSIDE : Practice.Told.GONE);
    }

    @Test
    void whatIsSeenIsWhereItIs() {
        Practice practice = of(7);
        PracticeState state = practice.begin(DAWN, TROLLS);
        int seen = 0;
        for (int i = 0; i < 7200; i++) {
            state = practice.second(state, List.of());
            for (Practice.Sight sight : practice.sights(state)) {
                double towards = Math.toRadians(state.headingDeg() + sight.bearingDeg());
                double north = state.northM() + sight.distanceM() * Math.cos(towards);
                double east = state.eastM() + sight.distanceM() * Math.sin(towards);
                if (sight.what() == Seen.WEED) {
                    assertThat(practice.sea().weed(north, east)).isTrue();
                } else {
                    assertThat(practice.sea().flocks(state.at()))
                            .anyMatch(flock -> Plane.hypot(flock.northM() - north, flock.eastM() - east) < 1);
                }
                seen++;
            }
        }
        assertThat(seen).isPositive();
    }
}
