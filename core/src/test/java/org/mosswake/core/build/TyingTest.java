package org.mosswake.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.Days;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Slot.Tied;
import org.mosswake.core.rig.AttractorLeader;

class TyingTest {
    private final Set<String> lacks = new LinkedHashSet<>();

    private Tying tying(Box box) {
        return new Tying(box, Schools.USUAL, lacks);
    }

    private static Box.Lure lure(LureKind kind) {
        return Days.lure(kind, "plain", 0.15, 2);
    }

    private static Optional<Box.Lure> lead(Box box, double kg) {
        return box.lures().stream()
                .filter(lure -> lure.lead() && Math.abs(lure.item().massKg() - kg) < 0.01)
                .findFirst();
    }

    private static List<String> lines(Tying.Chain chain) {
        return chain.pieces().stream().map(piece -> piece.line().name()).toList();
    }

    @Test
    void aLadderIsWireShockLeaderWeightAndWindOn() {
        Box box = Days.warmBox();
        var chain = tying(box)
                .tie(Tied.FAST_LADDER, lure(LureKind.FAST_BULLET), lead(box, 1.4), false)
                .orElseThrow();
        assertThat(lines(chain)).containsExactly("BITE_CABLE", "MONO", "MONO", "HOLLOW_BRAID");
        assertThat(chain.pieces().get(2).item()).isPresent();
        assertThat(chain.reel().orElseThrow().name()).isEqualTo("fast");
        assertThat(lacks).isEmpty();
    }

    @Test
    void withoutWireALadderIsTiedHeavyAndTheLackIsSaid() {
        Box whole = Days.warmBox();
        var bare = new Box(
                whole.lures(),
                whole.lines().stream()
                        .filter(line -> line.kind() != LineKind.BITE_CABLE && line.kind() != LineKind.BITE_WIRE)
                        .toList(),
                whole.reels());
        var chain = tying(bare)
                .tie(Tied.FAST_LADDER, lure(LureKind.FAST_BULLET), lead(bare, 1.4), false)
                .orElseThrow();
        assertThat(lines(chain).get(0)).isEqualTo("MONO");
        assertThat(lacks).contains("bite leader: wire or cable");
    }

    @Test
    void anAttractorLureHangsShortBehindTheBlade() {
        Box box = Days.coldBox();
        var cabled = tying(box)
                .tie(Tied.ATTRACTOR, lure(LureKind.SQUID), Optional.empty(), true)
                .orElseThrow();
        assertThat(cabled.pieces()).hasSize(2);
        double trail = 0.8 * lure(LureKind.SQUID).lengthM();
        assertThat(AttractorLeader.SQUID_BEHIND_FLASHER.fits(
                        cabled.pieces().get(0).lengthM().orElseThrow() + trail))
                .isTrue();
        assertThat(cabled.pieces().get(1).item().orElseThrow().kind()).isEqualTo("ROTATING_BLADE");
        var leaded = tying(box)
                .tie(Tied.ATTRACTOR, lure(LureKind.SQUID), lead(box, 0.23), false)
                .orElseThrow();
        assertThat(leaded.pieces()).hasSize(3);
        assertThat(leaded.pieces().get(2).item().orElseThrow().kind()).isEqualTo("TORPEDO_LEAD");
    }

    @Test
    void aLureWithItsOwnActionTakesALightLeader() {
        Box box = Days.coldBox();
        double own = strength(tying(box), LureKind.FLUTTER_SPOON);
        double borrowed = strength(tying(box), LureKind.SQUID);
        assertThat(own).isLessThan(borrowed);
    }

    private static double strength(Tying tying, LureKind kind) {
        return tying.tie(Tied.ATTRACTOR, lure(kind), Optional.empty(), true)
                .orElseThrow()
                .pieces()
                .get(0)
                .line()
                .strength()
                .newtons();
    }

    @Test
    void withoutABladeThereIsNoAttractorAndItIsSaid() {
        Box box = Days.warmBox();
        assertThat(tying(box).tie(Tied.ATTRACTOR, lure(LureKind.SQUID), Optional.empty(), true))
                .isEmpty();
        assertThat(lacks).containsExactly("rotating blade");
    }

    /** In tandem: one lure behind the lead under the swivel, the other on a leader of its own. */
    @Test
    void aThreeWayFishesTwoLures() {
        Box box = Days.coldBox();
        var chain = tying(box)
                .tie(Tied.THREE_WAY, lure(LureKind.HAIR_JIG), lead(box, 0.8), false)
                .orElseThrow();
        assertThat(chain.pieces())
                .extracting(piece -> piece.item().map(LureItem::kind).orElse(""))
                .containsExactly("HAIR_JIG", "TORPEDO_LEAD", "");
        assertThat(chain.pieces().get(2).branch().orElseThrow().lengthM()).isEqualTo(4.5);
    }

    @Test
    void aDodgerDrawsWhereThereIsNoBlade() {
        var lures = new ArrayList<>(Days.coldBox().lures());
        lures.removeIf(lure -> lure.item().isA(LureKind.ROTATING_BLADE));
        lures.add(Days.lure(LureKind.DODGER, "chrome", 0.2, 2));
        Box box = new Box(lures, Days.lines(), Days.reels(600));
        var chain = tying(box)
                .tie(Tied.ATTRACTOR, lure(LureKind.SQUID), Optional.empty(), true)
                .orElseThrow();
        assertThat(chain.pieces().get(1).item().orElseThrow().isA(LureKind.DODGER))
                .isTrue();
        // A small dodger: half a metre of leader.
        assertThat(chain.pieces().get(0).lengthM().orElseThrow()).isBetween(0.4, 0.65);
    }

    /** No. 4 or 5, a metre and a half: a slow bait swims on it, and a fast plug does not. */
    @Test
    void slowBaitsHaveTheirOwnWire() {
        Box box = Days.warmBox();
        var slow = tying(box)
                .tie(Tied.BITE, lure(LureKind.LIVE_BAIT), Optional.empty(), false)
                .orElseThrow();
        var fast = tying(box)
                .tie(Tied.BITE, lure(LureKind.LIPPED_PLUG), Optional.empty(), false)
                .orElseThrow();
        assertThat(slow.pieces().get(0).lengthM()).contains(1.5);
        assertThat(slow.pieces().get(0).line().strength().newtons())
                .isLessThan(fast.pieces().get(0).line().strength().newtons());
    }

    @Test
    void withOneLureLeftTheLeadHangsAlone() {
        Box box = Days.coldBox();
        Box.Lure only = box.lures().stream()
                .filter(lure -> lure.item().isA(LureKind.HAIR_JIG))
                .findFirst()
                .orElseThrow();
        var lures = new ArrayList<>(box.lures());
        lures.removeIf(lure -> lure.item().isA(LureKind.HAIR_JIG));
        lures.add(new Box.Lure(only.item(), only.lengthM(), only.role(), only.shade(), 1));
        Box poor = new Box(lures, box.lines(), box.reels());
        var chain =
                tying(poor).tie(Tied.THREE_WAY, only, lead(poor, 0.8), false).orElseThrow();
        assertThat(chain.pieces().get(0).item().orElseThrow().lead()).isTrue();
        assertThat(chain.pieces()).hasSize(2);
    }

    @Test
    void aReelIsUsedUpAndThenAnotherServes() {
        Box box = new Box(Days.warmBox().lures(), Days.lines(), Days.reels(900));
        Tying tying = tying(box);
        var names = new LinkedHashSet<String>();
        for (int i = 0; i < 14; i++) {
            var chain = tying.tie(Tied.PLAIN, lure(LureKind.FEATHER), Optional.empty(), false);
            if (chain.isEmpty()) {
                break;
            }
            tying.take(chain.get().reel());
            names.add(chain.get().reel().orElseThrow().name());
        }
        assertThat(names).contains("light", "braid").doesNotContain("wire", "fast");
    }

    @Test
    void oneRodForEachJobLeavesTheSetOfEqualRods() {
        Box box = new Box(
                List.of(),
                Days.lines(),
                Days.reels(900).stream()
                        .map(reel -> reel.name().equals("braid") ? new Box.Reel(reel.rod(), reel.main(), 20) : reel)
                        .toList());
        var alike =
                new Tying(box, Schools.USUAL, lacks).tie(Tied.PLAIN, lure(LureKind.FEATHER), Optional.empty(), false);
        var each = new Tying(box, Schools.USUAL.with(School.ROD_SET, 1), lacks)
                .tie(Tied.PLAIN, lure(LureKind.FEATHER), Optional.empty(), false);
        assertThat(alike.orElseThrow().reel().orElseThrow().name()).isEqualTo("braid");
        assertThat(each.orElseThrow().reel().orElseThrow().name()).isEqualTo("light");
    }

    @Test
    void aCableNeedsABallAndSitsFullyInTheClipWhenDeep() {
        Tying tying = tying(Days.coldBox());
        assertThat(tying.cable(6).orElseThrow().seat().name()).isEqualTo("HALF");
        assertThat(tying.cable(25).orElseThrow().seat().name()).isEqualTo("FULL");
        assertThat(tying(new Box(List.of(), Days.lines(), List.of())).cable(10)).isEmpty();
        assertThat(lacks).contains("downrigger ball");
    }
}
