package org.mosswake.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.bench.BenchNote.Kind;
import org.mosswake.core.bench.BenchNote.Weight;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.JointKind;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.rig.Seam;
import org.mosswake.core.rig.Shock;
import org.mosswake.core.rig.Spool;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.core.spread.DemoSpread;
import org.mosswake.core.spread.Offered;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** One line on the bench: its window, what mends it, and what is said of it. */
class LineBenchTest {
    private static final List<LineItem> LINES = List.of(
            DemoSpread.item(LineKind.MONO, 40),
            DemoSpread.item(LineKind.MONO, 80),
            DemoSpread.item(LineKind.MONO, 150),
            DemoSpread.item(LineKind.MONO, 200),
            DemoSpread.item(LineKind.HOLLOW_BRAID, 130),
            DemoSpread.item(LineKind.HOLLOW_BRAID, 200),
            DemoSpread.item(LineKind.BITE_CABLE, 275),
            DemoSpread.item(LineKind.BITE_CABLE, 480));
    private static final Reel FAST = new Reel(
            new UUID(0, 1),
            "fast reel",
            new Spool(550, 0.00085, 0.065, 0.03),
            Optional.empty(),
            Optional.of(Force.of(22.5, ForceUnit.KILOGRAM_FORCE)),
            Optional.of(Reel.Metal.ALUMINIUM),
            0.56);

    private static BenchAsk ask() {
        return ask(false);
    }

    private static BenchAsk ask(boolean teeth) {
        var leads = List.of(lead(0.3), lead(0.5));
        return new BenchAsk(
                LINES, leads, List.of(FAST), 20, Optional.of(300.0), Optional.empty(), false, teeth, Optional.empty());
    }

    private static LureItem lead(double kg) {
        return new LureItem(DemoSpread.id("lead " + kg), "lead " + kg, "TORPEDO_LEAD", LureKind.torpedoLead(kg));
    }

    /** Hollow braid of so many pounds, so far out. */
    private static SpreadLine ladder(double mainPounds, double letOutM) {
        var tackle = List.of(
                new TacklePiece(
                        Optional.of(DemoSpread.lure(LureKind.FAST_BULLET)),
                        DemoSpread.item(LineKind.BITE_CABLE, 275),
                        Optional.of(1.2)),
                new TacklePiece(Optional.empty(), DemoSpread.item(LineKind.MONO, 200), Optional.of(8.0)),
                new TacklePiece(Optional.of(lead(0.9)), DemoSpread.item(LineKind.MONO, 150), Optional.of(8.0)),
                new TacklePiece(
                        Optional.empty(), DemoSpread.item(LineKind.HOLLOW_BRAID, mainPounds), Optional.empty()));
        var line = new SpreadLine(
                DemoSpread.id("C1"), DemoSpread.centre(), letOutM, Force.of(14, ForceUnit.KILOGRAM_FORCE), tackle);
        return line.withRigging(line.rigging().withReel(FAST));
    }

    private static LineBench bench(SpreadLine line, double knots) {
        return LineBench.of(line, "C1", SpeedThroughWater.of(knots, SpeedUnit.KNOT), ask());
    }

    private static BenchNote note(LineBench bench, Kind kind) {
        return bench.notes().stream()
                .filter(note -> note.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFastLadderHasAWindowAndSaysWhatItIsMadeOf() {
        LineBench bench = bench(ladder(130, 146), 14);
        assertThat(bench.line().take()).isEqualTo(Take.LADDER);
        assertThat(bench.window().orElseThrow().isEmpty()).isFalse();
        assertThat(bench.mends()).isEmpty();
        assertThat(bench.leftM().orElseThrow()).isCloseTo(550 - (146 - 17.2), within(1e-6));
        assertThat(bench.cautions()).contains(Caution.WEIGHT_BACK, Caution.HEAVY_DRAG, Caution.LEADER, Caution.TEETH);
        assertThat(note(bench, Kind.REEL).weight()).isEqualTo(Weight.GOOD);
    }

    /** A thin main line at speed: nothing between the pull and a third of the line. */
    @ParameterizedTest
    @ValueSource(doubles = {15, 22, 30})
    void anEmptyWindowIsMendedInTwoWaysAtLeast(double pounds) {
        LineBench bench = bench(ladder(pounds, 146), 14);
        assertThat(bench.window().orElseThrow().isEmpty()).isTrue();
        assertThat(bench.mends()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(note(bench, Kind.WINDOW).weight()).isEqualTo(Weight.DANGER);
        assertThat(note(bench, Kind.WINDOW).mends()).hasSameSizeAs(bench.mends());
    }

    /** Each offer, done by hand and solved by itself, opens the window. */
    @Test
    void everyMendOfferedWorksWhenItIsDone() {
        SpreadLine line = ladder(22, 146);
        double now = SpeedUnit.KNOT.toSi(14);
        List<DragMend> offered = bench(line, 14).mends().stream()
                .filter(mend -> !mend.changes().isEmpty())
                .toList();
        assertThat(offered).hasSizeGreaterThanOrEqualTo(2);
        for (DragMend mend : offered) {
            SpreadLine done = line;
            double mps = now;
            for (Change change : mend.changes()) {
                if (change instanceof Change.Speed to) {
                    mps = to.mps();
                } else {
                    done = done(done, (Change.OfLine) change);
                }
            }
            var solved = LineBench.of(done, "C1", new SpeedThroughWater(mps), ask());
            assertThat(solved.window().orElseThrow().isEmpty())
                    .as(mend.words().text())
                    .isFalse();
            assertThat(solved.window().orElseThrow().judge(done.strikeDrag())).isEqualTo(DragWindow.Verdict.HOLDS);
            assertThat(solved.window().orElseThrow().most().newtons())
                    .isCloseTo(mend.after().most().newtons(), within(1e-6));
        }
    }

    private static SpreadLine done(SpreadLine line, Change.OfLine change) {
        assertThat(change.line()).isEqualTo(line.id());
        if (change instanceof Change.StrikeDrag to) {
            return line.withStrikeDrag(new Force(to.newtons()));
        } else if (change instanceof Change.LetOut to) {
            return line.withLetOut(to.metres());
        } else if (change instanceof Change.TakenBy by) {
            return line.withRigging(line.rigging().withTake(by.take()));
        }
        int at = ((Change.OfPiece) change).piece();
        TacklePiece piece = line.tackle().get(at);
        if (change instanceof Change.Joined by) {
            Seam foot = line.chain().foot(at);
            return line.withFoot(at, by.below() ? foot.withBelow(by.kind()) : foot.withAbove(by.kind()));
        } else if (change instanceof Change.TiedOf of) {
            return line.withPiece(at, piece.withLine(ofId(LINES, of.gear(), LineItem::id)));
        } else if (change instanceof Change.Carrying item) {
            return line.withPiece(at, piece.withItem(ofId(ask().lures(), item.gear(), LureItem::id)));
        }
        throw new AssertionError(change);
    }

    private static <T> T ofId(List<T> all, UUID id, Function<T, UUID> idOf) {
        return all.stream()
                .filter(one -> idOf.apply(one).equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void plainLineAgainstTeethIsToldWithWireFromTheBox() {
        var tackle = List.of(
                new TacklePiece(
                        Optional.of(DemoSpread.lure(LureKind.LIPPED_PLUG)),
                        DemoSpread.item(LineKind.MONO, 40),
                        Optional.of(2.0)),
                new TacklePiece(Optional.empty(), DemoSpread.item(LineKind.MONO, 80), Optional.empty()));
        var line = new SpreadLine(DemoSpread.id("S1"), DemoSpread.centre(), 40, new Force(60), tackle);
        var speed = SpeedThroughWater.of(8, SpeedUnit.KNOT);
        BenchNote told = note(LineBench.of(line, "S1", speed, ask(true)), Kind.TEETH);
        UUID wire = Offered.by(told.mends().get(0), Change.TiedOf.class).gear();
        assertThat(LINES).anyMatch(item -> item.id().equals(wire) && item.kind() == LineKind.BITE_CABLE);
        assertThat(LineBench.of(line, "S1", speed, ask(false)).notes()).noneMatch(note -> note.kind() == Kind.TEETH);
        var wired = line.withPiece(0, tackle.get(0).withLine(DemoSpread.item(LineKind.BITE_CABLE, 275)));
        assertThat(LineBench.of(wired, "S1", speed, ask(true)).notes()).noneMatch(note -> note.kind() == Kind.TEETH);
    }

    @Test
    void aSmallSpoolIsSaidWithTheReelThatWouldDo() {
        var small = new Reel(
                new UUID(0, 2),
                "small reel",
                new Spool(200, 0.00085, 0.05, 0.025),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                0.56);
        SpreadLine line = ladder(130, 146);
        BenchNote note = note(bench(line.withRigging(line.rigging().withReel(small)), 14), Kind.REEL);
        assertThat(note.weight()).isEqualTo(Weight.DANGER);
        assertThat(note.mends())
                .singleElement()
                .satisfies(mend ->
                        assertThat(Offered.by(mend, Change.OnReel.class).reel()).isEqualTo(FAST.id()));
    }

    @Test
    void stainlessWireOnAluminiumIsWarned() {
        var tackle = List.of(
                new TacklePiece(
                        Optional.of(DemoSpread.lure(LureKind.HAIR_JIG)),
                        DemoSpread.item(LineKind.MONO, 80),
                        Optional.of(9.0)),
                new TacklePiece(Optional.empty(), DemoSpread.item(LineKind.TROLLING_WIRE, 40), Optional.empty()));
        var line = new SpreadLine(DemoSpread.id("S1"), DemoSpread.centre(), 80, new Force(40), tackle);
        assertThat(note(bench(line.withRigging(line.rigging().withReel(FAST)), 2.8), Kind.ALUMINIUM)
                        .weight())
                .isEqualTo(Weight.DANGER);
    }

    @Test
    void aSpoonIsTakenLoosely() {
        var line = DemoSpread.line("S1", DemoSpread.centre(), 60, LureKind.FLUTTER_SPOON);
        assertThat(line.take()).isEqualTo(Take.LOOSE);
        LineBench bench = bench(line, 3);
        assertThat(bench.window().orElseThrow().least().newtons())
                .isLessThan(bench.window().orElseThrow().firm().newtons());
    }

    @ParameterizedTest
    @EnumSource(
            value = LureKind.class,
            names = {"LIVE_BAIT", "EEL_BAIT", "CUT_BAIT", "BENT_BAIT"})
    void baitsComeWithTheirHooks(LureKind kind) {
        LineBench bench = bench(DemoSpread.line("S1", DemoSpread.centre(), 30, kind), 2);
        assertThat(bench.bait()).isPresent();
        assertThat(bench.bait().orElseThrow().hooks()).isNotEmpty();
    }

    @Test
    void anAttractorsLeaderIsMeasuredAndMended() {
        var blade = new LureItem(
                DemoSpread.id("blade"),
                "blade",
                LureKind.ROTATING_BLADE.name(),
                LureKind.ROTATING_BLADE.usual(),
                Optional.empty(),
                Optional.of(0.28));
        var tackle = List.of(
                new TacklePiece(
                        Optional.of(DemoSpread.lure(LureKind.SQUID)),
                        DemoSpread.item(LineKind.MONO, 40),
                        Optional.of(1.6)),
                new TacklePiece(Optional.of(blade), DemoSpread.item(LineKind.MONO, 40), Optional.empty()));
        var line = new SpreadLine(DemoSpread.id("S1"), DemoSpread.centre(), 30, new Force(30), tackle);
        BenchNote note = note(bench(line, 2.5), Kind.ATTRACTOR);
        assertThat(note.weight()).isEqualTo(Weight.DANGER);
        double cut = Offered.by(note.mends().get(0), Change.Lengthened.class).metres();
        var mended = line.withTackle(List.of(tackle.get(0).withLength(cut), tackle.get(1)));
        assertThat(note(bench(mended, 2.5), Kind.ATTRACTOR).weight()).isEqualTo(Weight.GOOD);
    }

    @Test
    void moreStretchIsASofterStrike() {
        LineBench eight = bench(ladder(130, 146), 14);
        SpreadLine longer = ladder(130, 146);
        longer = longer.withPiece(1, longer.tackle().get(1).withLength(25));
        assertThat(bench(longer, 14).shock().orElseThrow().peakN())
                .isLessThan(eight.shock().orElseThrow().peakN());
    }

    /** From the clip up to the rod there is line too: it is off the reel, and softens a strike that pulls the clip. */
    @Test
    void theLineUpToTheRodIsOffTheReel() {
        SpreadLine deep = DemoSpread.deep("D1", 25, 8, LureKind.LIVE_BAIT, ClipSeat.HALF);
        LineBench bench = bench(deep, 2);
        double belly = new SpreadSolver()
                .solve(DemoSpread.atKnots(2, deep))
                .lines()
                .get(0)
                .deep()
                .orElseThrow()
                .belly()
                .orElseThrow()
                .lengthM();
        double behind = deep.lengthM(deep.tackle().size() - 1);
        assertThat(belly).isGreaterThan(20);
        assertThat(bench.offM()).isCloseTo(behind + belly, within(1e-9));
        double without = Shock.of(
                        bench.chain().pieces(),
                        ask().fishKg(),
                        SpeedThroughWater.of(2, SpeedUnit.KNOT).mps(),
                        new Force(bench.shape().orElseThrow().tensionAtTipN()),
                        deep.strikeDrag(),
                        deep.rigging().numbers())
                .peakN();
        assertThat(bench.shock().orElseThrow().peakN()).isLessThan(without);
    }

    @Test
    void bothSidesOfADisagreementAreReckoned() {
        SpreadLine line = ladder(130, 146);
        List<BenchWays.Way> ways = BenchWays.of(line, DemoSpread.atKnots(14, line), ask());
        BenchWays.Way teeth = ways.get(0);
        assertThat(teeth.topic()).isEqualTo(BenchWays.Topic.BITE_LEADER);
        assertThat(teeth.sides().get(0).changes()).isEmpty();
        assertThat(teeth.sides().get(1).changes())
                .singleElement()
                .satisfies(change -> assertThat(change).isInstanceOf(Change.TiedOf.class));
        assertThat(ways).extracting(BenchWays.Way::topic).contains(BenchWays.Topic.HOOKS, BenchWays.Topic.GUIDES);
        assertThat(ways).allSatisfy(way -> assertThat(way.sides()).hasSizeGreaterThanOrEqualTo(2));
    }

    @Test
    void aSkirtCostsDrag() {
        var line = DemoSpread.line("S1", DemoSpread.centre(), 25, LureKind.LIVE_BAIT);
        BenchWays.Way skirt = BenchWays.of(line, DemoSpread.atKnots(2, line), ask()).stream()
                .filter(way -> way.topic() == BenchWays.Topic.BAIT_SKIRT)
                .findFirst()
                .orElseThrow();
        assertThat(skirt.sides().get(1).text().figures().get(0).si())
                .isGreaterThan(skirt.sides().get(0).text().figures().get(0).si());
    }

    @Test
    void aDeepLineSitsAllTheWayInItsClip() {
        SpreadLine deep = DemoSpread.deep("D1", 25, 8, LureKind.LIVE_BAIT, ClipSeat.HALF);
        assertThat(note(bench(deep, 2), Kind.CLIP).weight()).isEqualTo(Weight.DANGER);
        SpreadLine full = DemoSpread.deep("D1", 25, 8, LureKind.LIVE_BAIT, ClipSeat.FULL);
        assertThat(note(bench(full, 2), Kind.CLIP).weight()).isEqualTo(Weight.GOOD);
    }

    @Test
    void theLeadForTheWaterBringsTheLureThere() {
        SpreadLine leaded = DemoSpread.weighted("S1", DemoSpread.centre(), 60, LureKind.FLUTTER_SPOON, 0.3);
        SpeedThroughWater speed = SpeedThroughWater.of(3, SpeedUnit.KNOT);
        var water = new BenchAsk(
                LINES, List.of(), List.of(), 12, Optional.empty(), Optional.empty(), false, false, Optional.of(14.0));
        BenchNote said = note(LineBench.of(leaded, "S1", speed, water), Kind.LEAD);
        double kg = said.title().figures().get(0).si();
        var tied = leaded.withPiece(1, leaded.tackle().get(1).withItem(lead(kg)));
        double depth =
                LineBench.of(tied, "S1", speed, water).shape().orElseThrow().depthM();
        assertThat(depth).isCloseTo(12.5, within(0.1));
    }

    @Test
    void aThreeWayIsMeasuredAgainstTheUsual() {
        LineBench bench = bench(DemoSpread.threeWay("P1", DemoSpread.centre(), 45), 2.6);
        BenchNote said = note(bench, Kind.THREE_WAY);
        assertThat(said.title().figures()).extracting(figure -> figure.si()).containsExactly(1.5, 4.5);
    }

    @Test
    void aLooseTakeSetFirmIsToldWhatIsLoose() {
        var bait = DemoSpread.line("S1", DemoSpread.centre(), 25, LureKind.LIVE_BAIT);
        BenchNote said = note(bench(bait, 2), Kind.WINDOW);
        assertThat(said.weight()).isEqualTo(Weight.PLAIN);
        double set = Offered.by(said.mends().get(0), Change.StrikeDrag.class).newtons();
        BenchNote after = note(bench(bait.withStrikeDrag(new Force(set)), 2), Kind.WINDOW);
        assertThat(after.weight()).isEqualTo(Weight.GOOD);
    }

    @Test
    void aDragOutsideItsWindowIsBroughtInside() {
        SpreadLine line = ladder(130, 146);
        for (double newtons : new double[] {20, 400}) {
            BenchNote said = note(bench(line.withStrikeDrag(new Force(newtons)), 14), Kind.WINDOW);
            assertThat(said.weight()).isEqualTo(Weight.DANGER);
            double set =
                    Offered.by(said.mends().get(0), Change.StrikeDrag.class).newtons();
            assertThat(note(bench(line.withStrikeDrag(new Force(set)), 14), Kind.WINDOW)
                            .weight())
                    .isEqualTo(Weight.GOOD);
        }
    }

    @Test
    void aStuckDragThatPartsTheChainIsSoftenedByALongerLeader() {
        SpreadLine line = ladder(130, 146);
        var heavy = new BenchAsk(
                LINES,
                List.of(),
                List.of(FAST),
                60,
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                Optional.empty());
        SpeedThroughWater speed = SpeedThroughWater.of(14, SpeedUnit.KNOT);
        LineBench before = LineBench.of(line, "C1", speed, heavy);
        BenchNote said = note(before, Kind.SHOCK);
        assertThat(said.mends()).isNotEmpty();
        var longer = Offered.by(said.mends().get(0), Change.Lengthened.class);
        int at = longer.piece();
        var mended = line.withPiece(at, line.tackle().get(at).withLength(longer.metres()));
        assertThat(LineBench.of(mended, "C1", speed, heavy)
                        .shock()
                        .orElseThrow()
                        .peakN())
                .isLessThan(before.shock().orElseThrow().peakN());
    }

    /** A name with braces is a name, wherever it is said. */
    @Test
    void aLineWhoseJointsTakeNothingIsNamedAsItIsCalled() {
        LineItem braced = DemoSpread.item(LineKind.HOLLOW_BRAID, 15);
        braced = new LineItem(braced.id(), "Braid {3}", braced.kind(), braced.metre(), braced.strength());
        SpreadLine line = ladder(130, 146);
        line = line.withPiece(3, line.tackle().get(3).withLine(braced));
        RigNumbers whole = RigNumbers.USUAL;
        for (JointKind kind : JointKind.values()) {
            whole = whole.with(RigNumbers.joint(kind), 1);
        }
        BenchNote said = note(bench(line.withRigging(line.rigging().withNumbers(whole)), 14), Kind.WINDOW);
        assertThat(said.text().text()).contains("Braid (3)");
    }
}
