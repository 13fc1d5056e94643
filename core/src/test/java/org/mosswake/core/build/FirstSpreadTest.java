package org.mosswake.core.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Moment;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.call.Topic.Forage;
import org.mosswake.core.call.Topic.Weed;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.clock.TidalStream;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.spread.Here;
import org.mosswake.core.spread.LinePlacer;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TwoSpeeds;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.Sentence;

class FirstSpreadTest {
    private static final LightDepth.Band FIRST_LIGHT = new LightDepth.Band(9, 18);
    private static final LinePlacer PLACER = new LinePlacer();

    private static final FirstSpread.Watch NOBODY = new FirstSpread.Watch() {
        @Override
        public void picture(Spread spread) {}

        @Override
        public boolean goOn(double share) {
            return true;
        }
    };

    private static FirstSpread.Made made(Situation s, PlaybookId id, int lines, SpreadLine... locked) {
        var ids = new int[1];
        return FirstSpread.make(
                new FirstSpread.Wish(
                        s,
                        s.numbers().playbook(id),
                        lines,
                        List.of(locked),
                        FIRST_LIGHT,
                        () -> Days.id("line " + locked.length + " " + ids[0]++)),
                NOBODY);
    }

    private static double depth(FirstSpread.Made made, SpreadLine line) {
        return PLACER.place(line, made.spread().speed()).orElseThrow().depthM();
    }

    private static Situation large(Conditions conditions) {
        return Days.large(Light.MORNING, conditions);
    }

    private static List<Double> surfaceLetOuts(FirstSpread.Made made) {
        return made.spread().lines().stream()
                .filter(line -> !line.runsDeep())
                .map(SpreadLine::letOutM)
                .sorted()
                .toList();
    }

    /** A puddle, an ocean, a bait layer at the surface or far down: a spread, or none, but no fault. */
    @ParameterizedTest
    @EnumSource(PlaybookId.class)
    void noDepthBreaksTheSearch(PlaybookId id) {
        for (double depth : new double[] {1, 2.5, 6000}) {
            for (Answer bait : List.of(Answer.choice(Topic.Bait.NONE), Answer.layer(0, 0.5), Answer.layer(300, 400))) {
                var water = Conditions.NOTHING
                        .with(Topic.DEPTH, Answer.number(depth))
                        .with(Topic.BAIT, bait);
                boolean cold = id.compareTo(PlaybookId.WIRE_JIG) >= 0;
                Situation s = cold ? Days.small(Light.MORNING, water) : large(water);
                FirstSpread.Made made = made(s, id, 2);
                assertThat(made.stories()).hasSameSizeAs(made.spread().lines());
            }
        }
    }

    /** Every playbook can be set from a full box, under the water, none on the bottom, each line told. */
    @ParameterizedTest
    @EnumSource(PlaybookId.class)
    void everyPlaybookIsSetFromAFullBox(PlaybookId id) {
        boolean cold = id.compareTo(PlaybookId.WIRE_JIG) >= 0;
        Playbook p = Numbers.USUAL.playbook(id);
        double bottom = Math.min(p.waterToM(), Math.max(p.waterFromM() * 1.5, 12));
        var water = Conditions.NOTHING.with(Topic.DEPTH, Answer.number(bottom));
        Situation s = cold ? Days.small(Light.MORNING, water) : large(water);
        if (id == PlaybookId.LIVE_SLOW || id == PlaybookId.DEAD_SLOW) {
            s = new Situation(
                    s.day(),
                    s.moment(),
                    s.conditions(),
                    Days.sprat(Days.warmBox()),
                    s.schools(),
                    s.table(),
                    s.numbers());
        }
        FirstSpread.Made made = made(s, id, p.usualLines());
        assertThat(made.spread().lines())
                .as(made.lacks().toString())
                .hasSizeGreaterThanOrEqualTo(Math.min(2, p.usualLines()));
        if (id != PlaybookId.LIVE_SLOW && id != PlaybookId.DEAD_SLOW) {
            assertThat(made.spread().lines()).as(made.lacks().toString()).hasSize(p.usualLines());
        }
        for (SpreadLine line : made.spread().lines()) {
            var place = PLACER.place(line, made.spread().speed()).orElseThrow();
            assertThat(place.lowestM()).as(line.toString()).isLessThan(bottom);
            assertThat(place.skippingShare()).isLessThan(0.6);
            assertThat(line.strikeDrag().newtons()).isGreaterThan(place.pullN());
        }
        assertThat(made.stories())
                .hasSameSizeAs(made.spread().lines())
                .allSatisfy(story -> assertThat(story.says()).hasSizeGreaterThanOrEqualTo(2));
        assertThat(made.spread().lines()).extracting(line -> line.holder().id()).doesNotHaveDuplicates();
    }

    @Test
    void sixLinesOfMixedSurfaceAreLevelInPairsAndStaggered() {
        FirstSpread.Made made = made(large(Conditions.NOTHING), PlaybookId.MIXED, 6);
        var lines = made.spread().lines();
        assertThat(lines).hasSize(6);
        assertThat(lines.get(0).holder().kind()).isEqualTo(HolderKind.CENTRE);
        assertThat(lines.get(0).lure().kind()).isEqualTo(LureKind.FEATHER.name());
        for (int pair : new int[] {1, 3}) {
            var one = PLACER.place(lines.get(pair), made.spread().speed()).orElseThrow();
            var other = PLACER.place(lines.get(pair + 1), made.spread().speed()).orElseThrow();
            assertThat(one.asternM()).isCloseTo(other.asternM(), within(0.5));
            assertThat(one.starboardM() * other.starboardM()).isNegative();
        }
        assertThat(lines.get(5).runsDeep()).isTrue();
        assertThat(made.room().narrowerRad()).isGreaterThan(Math.toRadians(40));
        assertThat(made.widen().isPresent()).isEqualTo(made.room().narrowerRad() < SpreadTurns.TOO_LITTLE_RAD);
    }

    /** Searching with turns must not end with less than the first picture was worth. */
    @Test
    void theSearchOnlyGetsBetter() {
        var pictures = new ArrayList<Spread>();
        Situation s = large(Conditions.NOTHING);
        var made = FirstSpread.make(
                new FirstSpread.Wish(
                        s, s.numbers().playbook(PlaybookId.MIXED), 6, List.of(), FIRST_LIGHT, UUID::randomUUID),
                new FirstSpread.Watch() {
                    @Override
                    public void picture(Spread spread) {
                        pictures.add(spread);
                    }

                    @Override
                    public boolean goOn(double share) {
                        assertThat(share).isBetween(0.0, 1.0);
                        return true;
                    }
                });
        assertThat(pictures).hasSize(1);
        var turns = SpreadTurns.usual(made.spread().speed().mps(), 10.4, List.of());
        assertThat(made.room().narrowerRad())
                .isGreaterThanOrEqualTo(turns.room(pictures.get(0)).narrowerRad());
    }

    @Test
    void cancellingKeepsWhatWasFound() {
        Situation s = large(Conditions.NOTHING);
        var made = FirstSpread.make(
                new FirstSpread.Wish(
                        s, s.numbers().playbook(PlaybookId.SMALL_FAST), 5, List.of(), FIRST_LIGHT, UUID::randomUUID),
                new FirstSpread.Watch() {
                    @Override
                    public void picture(Spread spread) {}

                    @Override
                    public boolean goOn(double share) {
                        return false;
                    }
                });
        assertThat(made.spread().lines()).hasSize(5);
    }

    @Test
    void weedShortensTheLetOuts() {
        var clean = surfaceLetOuts(made(large(Conditions.NOTHING), PlaybookId.MIXED, 6));
        var weedy = surfaceLetOuts(
                made(large(Conditions.NOTHING.with(Topic.WEED, Answer.choice(Weed.SCATTERED))), PlaybookId.MIXED, 6));
        assertThat(weedy).hasSameSizeAs(clean);
        assertThat(weedy.get(weedy.size() - 1)).isLessThan(clean.get(clean.size() - 1) - 10);
        assertThat(weedy.stream().mapToDouble(d -> d).sum())
                .isLessThan(0.95 * clean.stream().mapToDouble(d -> d).sum());
    }

    @Test
    void deepLinesBracketALayerOfBait() {
        var water = Conditions.NOTHING.with(Topic.DEPTH, Answer.number(40)).with(Topic.BAIT, Answer.layer(17, 22));
        FirstSpread.Made made = made(Days.small(Light.MORNING, water), PlaybookId.FLASH_SQUID, 2);
        var depths = made.spread().lines().stream()
                .map(line -> depth(made, line))
                .sorted()
                .toList();
        assertThat(depths.get(0)).isCloseTo(17 - 1.2, within(0.7));
        assertThat(depths.get(1)).isCloseTo(22 + 1.2, within(0.7));
        assertThat(made.stories().toString()).contains("just under the bait").contains("just over the bait");
    }

    @Test
    void theSizeOfTheForageChoosesTheLure() {
        Situation tiny = large(Conditions.NOTHING.with(Topic.FORAGE, Answer.choice(Forage.FINGERLING)));
        Situation grown = large(Conditions.NOTHING.with(Topic.FORAGE, Answer.choice(Forage.FOREARM)));
        assertThat(longest(tiny)).isLessThanOrEqualTo(longest(grown));
        assertThat(mean(tiny)).isLessThan(mean(grown));
    }

    private static double longest(Situation s) {
        return lengths(s).max().orElseThrow();
    }

    private static double mean(Situation s) {
        return lengths(s).average().orElseThrow();
    }

    private static java.util.stream.DoubleStream lengths(Situation s) {
        FirstSpread.Made made = made(s, PlaybookId.BIRDS, 3);
        return made.spread().lines().stream()
                .mapToDouble(line -> s.outfit().box().lures().stream()
                        .filter(lure -> lure.item().id().equals(line.lure().id()))
                        .findFirst()
                        .orElseThrow()
                        .lengthM());
    }

    @Test
    void aLockedLineStaysAsItIs() {
        Situation s = large(Conditions.NOTHING);
        SpreadLine before = made(s, PlaybookId.MIXED, 6).spread().lines().get(1);
        SpreadLine mine = before.withLetOut(123);
        FirstSpread.Made made = made(s, PlaybookId.MIXED, 6, mine);
        assertThat(made.spread().lines()).hasSize(6).contains(mine);
        assertThat(made.spread().lines()).extracting(line -> line.holder().id()).doesNotHaveDuplicates();
    }

    /** Its speed is over the ground: the stream does part of it, but never more than leaves the bait working. */
    @Test
    void plugCutBaitGoesWithTheStream() {
        Conditions bottom = Conditions.NOTHING
                .with(Topic.TARGET, Answer.choice(Species.CHINOOK))
                .with(Topic.DEPTH, Answer.number(12));
        double slack = speed(bottom);
        assertThat(speed(bottom.with(Topic.STREAM, Answer.number(0.3)))).isCloseTo(slack - 0.3, within(1e-9));
        double floor = LureKind.CUT_BAIT.works().leastMps();
        assertThat(speed(bottom.with(Topic.STREAM, Answer.number(2)))).isCloseTo(floor, within(1e-9));
        FirstSpread.Made strong =
                made(Days.small(Light.MORNING, bottom.with(Topic.STREAM, Answer.number(2))), PlaybookId.PLUG_CUT, 2);
        assertThat(strong.notes()).anyMatch(note -> note.text().contains("Wait for slacker water"));
    }

    /** Every speed has a frame, and the other figure beside it; where there is none, how it is found. */
    @Test
    void theSpeedThroughTheWaterIsSaidWithWhatAReceiverShows() {
        assertThat(speeds(Conditions.NOTHING)).contains("through the water", "not known", "Run one way and back");
        Conditions half = Conditions.NOTHING.with(Topic.STREAM, Answer.number(0.5));
        FirstSpread.Made made = made(large(half), PlaybookId.MIXED, 6);
        double mps = made.spread().speed().mps();
        assertThat(made.notes())
                .anySatisfy(note -> assertThat(note.figures())
                        .contains(Figure.speed(mps), Figure.speed(mps + 0.5), Figure.speed(mps - 0.5)));
        assertThat(speeds(Conditions.NOTHING.with(Topic.STREAM, Answer.number(4))))
                .contains("makes no way")
                .doesNotContain("not known");
    }

    private static String speeds(Conditions conditions) {
        return made(large(conditions), PlaybookId.MIXED, 6).notes().toString();
    }

    @Test
    void itSteersWithTheTideAndSaysWhenToTurnRound() {
        Situation s = Days.small(
                Light.MORNING,
                Conditions.NOTHING
                        .with(Topic.TARGET, Answer.choice(Species.CHINOOK))
                        .with(Topic.DEPTH, Answer.number(12)));
        Instant turns = s.moment().at().plusSeconds(5000);
        var tide = new TidalStream(0.4, 1.2, Optional.of(turns));
        FirstSpread.Made made = made(
                s.at(new Moment(s.moment().at(), s.moment().light(), Optional.of(tide), false)),
                PlaybookId.PLUG_CUT,
                2);
        Here here = made.spread().here();
        TwoSpeeds both = TwoSpeeds.of(
                made.spread().speed().mps(),
                here.headingRad().orElseThrow(),
                here.stream().orElseThrow());
        assertThat(both.aheadMps()).isCloseTo(0.4, within(1e-9));
        Sentence note = made.notes().stream()
                .filter(said -> said.text().startsWith("Steer"))
                .findFirst()
                .orElseThrow();
        assertThat(note.figures()).contains(Figure.speed(both.overGroundMps()), Figure.angle(1.2), Figure.clock(turns));
    }

    private static double speed(Conditions conditions) {
        return made(Days.small(Light.MORNING, conditions), PlaybookId.PLUG_CUT, 2)
                .spread()
                .speed()
                .mps();
    }

    @Test
    void aSmallSpoolHoldsTheLetOutBack() {
        Situation s = large(Conditions.NOTHING);
        Box box = s.outfit().box();
        Situation small = Days.withBox(s, new Box(box.lures(), box.lines(), Days.reels(330)));
        double most = surfaceLetOuts(made(small, PlaybookId.MIXED, 6))
                .get(surfaceLetOuts(made(small, PlaybookId.MIXED, 6)).size() - 1);
        assertThat(most).isLessThanOrEqualTo(330 - 220 + 0.11);
    }

    /** All that is aboard works from a little above the usual start: it is begun there, and that is said. */
    @Test
    void itBeginsWhereWhatIsAboardWorks() {
        Situation s = large(Conditions.NOTHING.with(Topic.CREW, Answer.number(3)));
        Playbook p = s.numbers().playbook(PlaybookId.MIXED);
        double from = p.startMps() + 0.3;
        Box box = s.outfit().box();
        var fast = box.lures().stream()
                .map(lure -> new Box.Lure(
                        new LureItem(
                                lure.item().id(),
                                lure.item().name(),
                                lure.item().kind(),
                                lure.item().body(),
                                Optional.of(new SpeedWindow(from, 20))),
                        lure.lengthM(),
                        lure.role(),
                        lure.shade(),
                        lure.count()))
                .toList();
        FirstSpread.Made made = made(Days.withBox(s, new Box(fast, box.lines(), box.reels())), PlaybookId.MIXED, 6);
        assertThat(made.spread().lines()).hasSize(6);
        assertThat(made.spread().speed().mps()).isCloseTo(from, within(1e-6));
        assertThat(made.notes().toString()).contains("Begun at");
        assertThat(made(s, PlaybookId.MIXED, 6).notes().toString()).doesNotContain("Begun at");
    }

    @Test
    void saysWhatTheBoxLacks() {
        Situation s = large(Conditions.NOTHING);
        Box box = s.outfit().box();
        var feathers = box.lures().stream()
                .filter(lure -> lure.item().kind().equals(LureKind.FEATHER.name()))
                .limit(1)
                .toList();
        FirstSpread.Made made = made(Days.withBox(s, new Box(feathers, box.lines(), List.of())), PlaybookId.MIXED, 6);
        assertThat(made.spread().lines()).hasSize(2);
        assertThat(made.lacks().toString()).contains("popping head").contains("lipped plug");
    }

    @Test
    void everySideOfTheSpreadsSchoolsChangesIt() {
        Situation s = large(Conditions.NOTHING.with(Topic.STREAM, Answer.number(0.5)));
        assertThat(far(s.with(s.schools().with(School.FARTHEST, 1))))
                .isNotEqualTo(far(s.with(s.schools().with(School.FARTHEST, 2))));
        assertThat(leaders(s, 0)).contains(LineKind.BITE_CABLE.name());
        assertThat(leaders(s, 1)).doesNotContain(LineKind.BITE_WIRE.name());
        assertThat(drag(s, 1)).isLessThan(drag(s, 2));
        for (School school : List.of(School.HOOKS, School.CLEARING, School.GUIDES, School.SPEED_BY)) {
            assertThat(notes(s, school, 0)).as(school.name()).isNotEqualTo(notes(s, school, 1));
        }
        assertThat(live(s, School.BAIT_SKIRT, 1).notes().toString()).contains("skirt");
        assertThat(items(live(s, School.BAIT_SKIRT, 1)))
                .hasSizeGreaterThan(items(live(s, School.BAIT_SKIRT, 0)).size());
        assertThat(hooks(s, 0)).contains(Hooks.Kind.TWO_IN_LINE);
        assertThat(hooks(s, 1)).doesNotContain(Hooks.Kind.TWO_IN_LINE);
        assertThat(live(s, School.BAIT_RIGGERS, 0).spread().lines())
                .noneMatch(line -> line.holder().kind() == HolderKind.RIGGER);
        assertThat(mains(s, 0)).hasSizeLessThanOrEqualTo(mains(s, 1).size());
    }

    /** Everything that hangs on the lines, lures and what is tied before them. */
    private static List<UUID> items(FirstSpread.Made made) {
        return made.spread().lines().stream()
                .flatMap(line -> line.tackle().stream())
                .flatMap(piece -> piece.item().stream())
                .map(LureItem::id)
                .toList();
    }

    private static List<Hooks.Kind> hooks(Situation s, int side) {
        return made(s.with(s.schools().with(School.HOOKS, side)), PlaybookId.LADDER, 3).spread().lines().stream()
                .map(line -> line.rigging().hooks().kind())
                .toList();
    }

    @Test
    void barsStandInRodsUnlessTheyAreClippedUp() {
        Situation s = large(Conditions.NOTHING.with(Topic.CREW, Answer.number(4)));
        assertThat(made(s, PlaybookId.BARS, 4).spread().lines())
                .hasSize(4)
                .noneMatch(line -> line.holder().kind() == HolderKind.RIGGER);
        assertThat(made(s.with(s.schools().with(School.BAR_CLIPS, 1)), PlaybookId.BARS, 4)
                        .spread()
                        .lines())
                .anyMatch(line -> line.holder().kind() == HolderKind.RIGGER);
    }

    /** Two engines and an idle of three knots, for live bait at two. */
    @Test
    void theWayToSlowHerSaysWhichEnginesRun() {
        Situation s = large(Conditions.NOTHING);
        assertThat(live(s, School.SLOWING, 0).spread().engines()).isEqualTo(1);
        FirstSpread.Made drogue = live(s, School.SLOWING, 1);
        assertThat(drogue.spread().engines()).isEqualTo(2);
        assertThat(drogue.notes().toString()).contains("drogue of");
        assertThat(live(s, School.SLOWING, 2).notes().toString()).contains("In gear");
    }

    /** A plane in the box goes on in place of lead. */
    @Test
    void aDivingPlaneIsTiedWhereItIsTheWayDown() {
        Situation s = large(Conditions.NOTHING.with(Topic.DEPTH, Answer.number(30)));
        Box box = s.outfit().box();
        var plane = Days.lure(LureKind.DIVING_PLANE, "plain", 0.12, 2);
        var lures = Stream.concat(box.lures().stream(), Stream.of(plane)).toList();
        Situation deep = Days.withBox(s, new Box(lures, box.lines(), box.reels()));
        FirstSpread.Made made = made(deep.with(deep.schools().with(School.DEEP, 4)), PlaybookId.LIVE_SLOW, 6);
        assertThat(items(made)).contains(plane.item().id());
        assertThat(items(made(deep, PlaybookId.LIVE_SLOW, 6)))
                .doesNotContain(plane.item().id());
    }

    @Test
    void scentIsPutOnAsTheSkipperHasIt() {
        Situation s = large(Conditions.NOTHING);
        assertThat(scents(made(s.with(s.schools().with(School.SCENT, 0)), PlaybookId.MIXED, 6)))
                .isEmpty();
        assertThat(scents(made(s.with(s.schools().with(School.SCENT, 2)), PlaybookId.MIXED, 6)))
                .hasSize(6);
        assertThat(scents(live(s, School.SCENT, 1))).isNotEmpty();
        FirstSpread.Made fast = made(s.with(s.schools().with(School.SCENT, 1)), PlaybookId.MIXED, 6);
        assertThat(fast.spread().lines())
                .allMatch(line ->
                        line.rigging().scent().isPresent() == line.lure().isBait());
    }

    private static List<String> scents(FirstSpread.Made made) {
        return made.spread().lines().stream()
                .flatMap(line -> line.rigging().scent().stream())
                .toList();
    }

    private static UUID far(Situation s) {
        return made(s, PlaybookId.MIXED, 6).spread().lines().get(0).lure().id();
    }

    private static String leaders(Situation s, int side) {
        var made = made(
                s.with(s.schools().with(School.BITE_LEADER, side)),
                side == 0 ? PlaybookId.LADDER : PlaybookId.TOOTHY,
                3);
        return made.spread().lines().get(0).tackle().toString();
    }

    private static double drag(Situation s, int side) {
        return made(s.with(s.schools().with(School.TAKE, side)), PlaybookId.BIRDS, 2)
                .spread()
                .lines()
                .get(0)
                .strikeDrag()
                .newtons();
    }

    private static String notes(Situation s, School school, int side) {
        return made(s.with(s.schools().with(school, side)), PlaybookId.LADDER, 3)
                .notes()
                .toString();
    }

    private static FirstSpread.Made live(Situation s, School school, int side) {
        return made(s.with(s.schools().with(school, side)), PlaybookId.LIVE_SLOW, 4);
    }

    private static List<String> mains(Situation s, int side) {
        return made(s.with(s.schools().with(School.ROD_SET, side)), PlaybookId.MIXED, 6).spread().lines().stream()
                .map(line -> line.tackle().get(line.tackle().size() - 1).line().name())
                .distinct()
                .toList();
    }

    @Test
    void anEmptyBoxGivesNoLinesButSaysWhatIsWanted() {
        Situation s = Days.withBox(large(Conditions.NOTHING), new Box(List.of(), List.of(), List.of()));
        FirstSpread.Made made = made(s, PlaybookId.MIXED, 6);
        assertThat(made.spread().lines()).isEmpty();
        assertThat(made.lacks()).isNotEmpty();
        assertThat(Optional.of(made.points())).isPresent();
    }

    /** Each line goes out on a reel of the box, and its drag keeps to the class of that rod. */
    @Test
    void aCalledLineCarriesItsReelAndKeepsToItsRod() {
        Situation s = large(Conditions.NOTHING);
        Force weak = Force.of(2.5, ForceUnit.KILOGRAM_FORCE);
        Box box = s.outfit().box();
        var soft = box.reels().stream()
                .map(reel -> new Box.Reel(
                        new Reel(
                                reel.rod().id(),
                                reel.name(),
                                reel.rod().spool(),
                                Optional.empty(),
                                Optional.of(weak),
                                Optional.empty(),
                                0.56),
                        reel.main(),
                        reel.count()))
                .toList();
        FirstSpread.Made made = made(Days.withBox(s, new Box(box.lures(), box.lines(), soft)), PlaybookId.MIXED, 4);
        assertThat(made.spread().lines()).isNotEmpty().allSatisfy(line -> {
            assertThat(line.rigging().reel()).isPresent();
            var pull = new Force(
                    PLACER.place(line, made.spread().speed()).orElseThrow().pullN());
            var window = line.dragWindow(pull);
            assertThat(window.most().newtons()).isLessThanOrEqualTo(weak.newtons() + 1e-9);
            if (!window.isEmpty()) {
                assertThat(line.strikeDrag().newtons()).isLessThanOrEqualTo(weak.newtons() + 0.1);
            }
        });
    }
}
