package org.mosswake.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.rig.Rigging.Bait;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * Where the hooks sit in a bait (handbook §6). Lengths along the body from the nose, before any cut (m).
 *
 * @param hooks    from the nose back
 * @param cut      for a cut bait
 * @param bend     for a bent one
 * @param trailM   from the nose, or the cut's front edge, to the bend of the last hook
 * @param slackM   line to leave between two hooks beyond their distance, so that the bait can bend
 * @param notes    how it is done, in order
 */
public record BaitRig(
        Bait.Kind kind,
        double lengthM,
        List<HookPlace> hooks,
        Optional<Cut> cut,
        Optional<Bend> bend,
        double trailM,
        double slackM,
        List<Sentence> notes) {
    /** The vent of a fish-shaped bait, as a share of its length (ESTIMATE). */
    private static final double VENT = 0.62;

    private static final double NOSE = 0.03;
    /** From the nose hook to the second of three (m, handbook practice). */
    private static final double TO_SECOND_M = 0.14;
    /** Two hooks serve while the vent is no farther behind the nose hook than this (m, ESTIMATE). */
    private static final double TWO_REACH_M = 0.18;

    private static final double EEL_HEAD = 0.04;
    private static final double EEL_FIRST_M = 0.23;
    private static final double EEL_NEXT_M = 0.14;
    private static final double EEL_LAST = 0.82;
    private static final int EEL_MOST_HOOKS = 5;
    private static final int EEL_LEAST_HOOKS = 3;
    private static final double SLACK = 0.06;
    /** Behind the first of a double bait swims the second (m, ESTIMATE). */
    private static final double BETWEEN_TWO_M = 0.05;
    /** Depth of a herring's body over its length (ESTIMATE). */
    static final double BODY_DEPTH = 0.23;
    /** Front edge of the cut, behind the head (share of the length, ESTIMATE). */
    private static final double CUT_AT = 0.2;

    private static final double HANGS_BEHIND_M = 0.02;
    /** Lean of the cut from straight across (rad): the usual roll, and the faster one for coho (ESTIMATE). */
    public static final double USUAL_BEVEL_RAD = Math.toRadians(40);

    public static final double FAST_BEVEL_RAD = Math.toRadians(52);
    public static final double USUAL_BEND_RAD = Math.toRadians(25);

    public BaitRig {
        hooks = List.copyOf(hooks);
        notes = List.copyOf(notes);
    }

    /** @param acrossShare −1 at the belly, 0 on the middle, 1 at the back */
    public record HookPlace(double alongM, double acrossShare, String words) {}

    /** A bevel: one side of the body is left longer than the other, and it rolls towards the short one. */
    public record Cut(double angleRad, double longSideM, double shortSideM) {}

    /**
     * @param stickM   of stiff stick, pushed in at the chin
     * @param offsetM  of the tail from the line of the head
     */
    public record Bend(double angleRad, double stickM, double offsetM) {}

    public static BaitRig of(Bait bait) {
        return switch (bait.kind()) {
            case LIVE -> live(bait);
            case DOUBLE_LIVE -> pair(bait);
            case EEL_SHAPED -> eel(bait);
            case CUT -> cut(bait);
            case BENT -> bent(bait);
        };
    }

    /** Distances between neighbouring hooks (m). */
    public List<Double> gapsM() {
        var gaps = new ArrayList<Double>();
        for (int i = 1; i < hooks.size(); i++) {
            gaps.add(hooks.get(i).alongM() - hooks.get(i - 1).alongM());
        }
        return gaps;
    }

    private static List<HookPlace> liveHooks(double length, double from) {
        double nose = NOSE * length;
        double vent = VENT * length;
        var hooks = new ArrayList<HookPlace>();
        hooks.add(new HookPlace(from + nose, 0.4, "through the nose"));
        if (vent - nose > TWO_REACH_M) {
            hooks.add(new HookPlace(from + nose + TO_SECOND_M, 0.7, "under the skin of the back"));
        }
        hooks.add(new HookPlace(from + vent, -0.7, "near the vent"));
        return hooks;
    }

    private static BaitRig live(Bait bait) {
        List<HookPlace> hooks = liveHooks(bait.lengthM(), 0);
        var notes = new ArrayList<Sentence>();
        notes.add(Sentence.of(
                "nose hook, then {0} to the next: the last one lies near the vent",
                Figure.small(hooks.get(1).alongM() - hooks.get(0).alongM())));
        if (hooks.size() > 2) {
            notes.add(Sentence.of("a bait of {0} takes a third hook", Figure.small(bait.lengthM())));
        }
        notes.add(Sentence.of("the trailing hooks hang free or just under the skin, so that it can swim"));
        return new BaitRig(
                bait.kind(),
                bait.lengthM(),
                hooks,
                Optional.empty(),
                Optional.empty(),
                last(hooks),
                SLACK * TO_SECOND_M,
                notes);
    }

    private static BaitRig pair(Bait bait) {
        double second = bait.lengthM() + BETWEEN_TWO_M;
        var hooks = new ArrayList<>(liveHooks(bait.lengthM(), 0));
        hooks.addAll(liveHooks(bait.lengthM(), second));
        return new BaitRig(
                bait.kind(),
                bait.lengthM(),
                hooks,
                Optional.empty(),
                Optional.empty(),
                last(hooks),
                SLACK * TO_SECOND_M,
                List.of(
                        Sentence.of(
                                "two baits in line, the second {0} behind the tail of the first",
                                Figure.small(BETWEEN_TWO_M)),
                        Sentence.of("{0} from nose hook to nose hook, with a swivel between", Figure.small(second))));
    }

    /** The load on the head hook; 23 cm to the first of the body, then 13–15 cm each, three to five in all. */
    private static BaitRig eel(Bait bait) {
        double length = bait.lengthM();
        double head = EEL_HEAD * length;
        double reach = EEL_LAST * length - head;
        double scale = Math.min(1, reach / (EEL_FIRST_M + (EEL_LEAST_HOOKS - 2) * EEL_NEXT_M));
        var hooks = new ArrayList<HookPlace>();
        hooks.add(new HookPlace(head, 0, "centred in front of the eyes, swivel on it"));
        double at = head + scale * EEL_FIRST_M;
        while (hooks.size() < EEL_MOST_HOOKS && at <= EEL_LAST * length + 1e-9) {
            hooks.add(new HookPlace(at, -0.6, "in the belly line"));
            at += scale * EEL_NEXT_M;
        }
        return new BaitRig(
                bait.kind(),
                length,
                hooks,
                Optional.empty(),
                Optional.empty(),
                last(hooks),
                SLACK * EEL_NEXT_M,
                List.of(
                        Sentence.of("pulled by the nose: the swivel on the head hook takes the load"),
                        Sentence.of(
                                "{0} to the first body hook, then {1} each",
                                Figure.small(scale * EEL_FIRST_M), Figure.small(scale * EEL_NEXT_M)),
                        Sentence.of(
                                "leave {0} of slack between hooks: pulled tight it spins",
                                Figure.small(SLACK * EEL_NEXT_M))));
    }

    private static BaitRig cut(Bait bait) {
        double length = bait.lengthM();
        double lean = bait.angleRad().orElse(USUAL_BEVEL_RAD);
        double front = CUT_AT * length;
        double longSide = length - front;
        double shortSide = longSide - BODY_DEPTH * length * Math.tan(lean);
        double shortEdge = length - shortSide;
        double middle = shortEdge + shortSide / 2;
        var hooks = List.of(
                new HookPlace(shortEdge + 0.01, 0.5, "upper: short side, beside the backbone"),
                new HookPlace(middle + HANGS_BEHIND_M, -0.2, "lower: out at mid-body on the short side, hanging"));
        return new BaitRig(
                bait.kind(),
                length,
                hooks,
                Optional.of(new Cut(lean, longSide, shortSide)),
                Optional.empty(),
                last(hooks) - front,
                0,
                List.of(
                        Sentence.of(
                                "cut at {0} from straight across: long side {1}, short side {2}",
                                Figure.angle(lean), Figure.small(longSide), Figure.small(shortSide)),
                        Sentence.of(
                                "lower hook hangs {0} behind where it comes out; more if they nip",
                                Figure.small(HANGS_BEHIND_M)),
                        Sentence.of("cavity scraped clean; a tight roll, not a wide wobble"),
                        Sentence.of("dull after {0}: change it then", Figure.minutes(17.5))));
    }

    private static BaitRig bent(Bait bait) {
        double length = bait.lengthM();
        double angle = bait.angleRad().orElse(USUAL_BEND_RAD);
        var hooks = List.of(
                new HookPlace(0.09 * length, 0.3, "front: beside the stick near the eyes, a little slack"),
                new HookPlace(0.5 * length, 0.2, "middle: loose at mid-body"),
                new HookPlace(0.6 * length, -0.3, "rear: through just behind, trailing"));
        return new BaitRig(
                bait.kind(),
                length,
                hooks,
                Optional.empty(),
                Optional.of(new Bend(angle, length / 2, length / 2 * Math.sin(angle))),
                last(hooks) + HANGS_BEHIND_M,
                0.01,
                List.of(
                        Sentence.of("a stick of {0} in at the chin, half along the backbone", Figure.small(length / 2)),
                        Sentence.of(
                                "bend it {0}, then push home: the tail stands {1} off, and more bend gives more spin",
                                Figure.angle(angle), Figure.small(length / 2 * Math.sin(angle)))));
    }

    private static double last(List<HookPlace> hooks) {
        return hooks.get(hooks.size() - 1).alongM();
    }
}
