package org.mosswake.core.tow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A line with a second one tied in: a three-way with two lures, or a downrigger's cable with a fishing line in its clip.
 *
 * @param main     from its own lower end (lead or ball) up to the tip
 * @param junction link of {@code main} at whose foot the branch is tied; at least 1
 * @param branch   from the lure up to the junction
 * @param held     what else pulls at the junction: the line from a clip up to the rod
 */
public record BranchedTow(Tow main, int junction, List<Link> branch, Belly.Pull held) {
    /** Rounds of solving one with the other's answer; each brings the junction about ten times nearer. */
    private static final int MOST_ROUNDS = 8;

    private static final double NEAR_M = 0.005;

    public BranchedTow {
        branch = List.copyOf(branch);
    }

    public BranchedTow(Tow main, int junction, List<Link> branch) {
        this(main, junction, branch, Belly.Pull.NONE);
    }

    /**
     * Both lines; empty when either has no shape. The branch's place is given from the junction, its depth from the
     * surface.
     */
    public Optional<Answer> solve(TowSolver tows) {
        return settle(tows).flatMap(settled -> answer(tows, settled));
    }

    /** Depths of the main line's own lower end and of the branch's lure (m), and both pulls, without a path; empty as {@link #solve}. */
    public Optional<Depths> depths(TowSolver tows) {
        return settle(tows)
                .map(settled -> new Depths(
                        -settled.trunk().at(0).heightM(),
                        -settled.twig().at(0).heightM(),
                        settled.trunk().pullAtTipN(),
                        settled.twig().pullAtTipN()));
    }

    /** Where the branch is tied in, from the tip; empty as {@link #solve}. */
    public Optional<Point> junction(TowSolver tows) {
        return settle(tows).map(settled -> {
            var at = settled.trunk().at(below());
            return new Point(at.asternM(), at.starboardM(), at.heightM());
        });
    }

    /** Each end as a line of its own up to the tip, with what the other pulls at the junction; empty as {@link #solve}. */
    public Optional<Ends> ends(TowSolver tows) {
        return settle(tows).map(settled -> new Ends(settled.pulled(), trailing(settled)));
    }

    /**
     * @param main     down to the main line's own lower end
     * @param trailing down to the branch's lure
     */
    public record Ends(Tow main, Tow trailing) {}

    /**
     * @param mainPullN   at the tip (N)
     * @param branchPullN at the junction (N)
     */
    public record Depths(double mainM, double branchM, double mainPullN, double branchPullN) {}

    /** Both as they hang when each is pulled by the other. */
    private record Settled(Tow pulled, TowProfile trunk, Tow hanging, TowProfile twig) {}

    private Optional<Settled> settle(TowSolver tows) {
        Optional<TowProfile> loaded = tows.profile(main);
        double height = loaded.map(this::junctionHeight).orElse(0.0);
        for (int round = 0; ; round++) {
            var hanging = new Tow(main.speed(), TowLimits.TIP_HEIGHT_M.nearest(height), branch);
            Optional<TowProfile> twig = tows.profile(hanging);
            if (twig.isEmpty()) {
                return Optional.empty();
            }
            Tow pulled = withPull(twig.get().at(twig.get().lengthM()));
            Optional<TowProfile> trunk = tows.profile(pulled);
            if (trunk.isEmpty()) {
                return Optional.empty();
            }
            double moved = junctionHeight(trunk.get());
            if (Math.abs(moved - height) < NEAR_M || round == MOST_ROUNDS - 1) {
                return Optional.of(new Settled(pulled, trunk.get(), hanging, twig.get()));
            }
            height = moved;
        }
    }

    private double junctionHeight(TowProfile profile) {
        return profile.at(below()).heightM();
    }

    private double below() {
        double sum = 0;
        for (int i = 0; i < junction; i++) {
            sum += main.chainFromLure().get(i).line().lengthM();
        }
        return sum;
    }

    /** The main line with the branch's pull as a body at the junction: what holds the branch is what it pulls with. */
    private Tow withPull(TowProfile.At end) {
        double q = Physics.SEA_WATER_DENSITY * main.speed().mps() * main.speed().mps() / 2;
        double astern = Math.max(0, -end.pullAsternN() - held.aheadN());
        var pull = new Body(0, 0, astern / q, (end.pullUpN() - held.upN()) / q, -end.pullStarboardN() / q);
        var links = new ArrayList<>(main.chainFromLure());
        links.set(junction, new Link(Optional.of(pull), links.get(junction).line()));
        return new Tow(main.speed(), main.tipHeightM(), links);
    }

    /** The branch and the main line above it as one chain, with what hangs below the junction as a pull there. */
    private Tow trailing(Settled settled) {
        TowProfile.At above = settled.trunk().at(below());
        TowProfile.At twig = settled.twig().at(settled.twig().lengthM());
        double q = Physics.SEA_WATER_DENSITY * main.speed().mps() * main.speed().mps() / 2;
        double astern = Math.max(0, -above.pullAsternN() + twig.pullAsternN());
        var pull = new Body(
                0,
                0,
                TowLimits.DRAG_AREA_M2.nearest(astern / q),
                TowLimits.STEERING_AREA_M2.nearest((above.pullUpN() - twig.pullUpN()) / q),
                TowLimits.STEERING_AREA_M2.nearest((twig.pullStarboardN() - above.pullStarboardN()) / q));
        var links = new ArrayList<>(branch);
        links.add(new Link(Optional.of(pull), main.chainFromLure().get(junction).line()));
        links.addAll(
                main.chainFromLure().subList(junction + 1, main.chainFromLure().size()));
        return new Tow(main.speed(), main.tipHeightM(), links);
    }

    private Optional<Answer> answer(TowSolver tows, Settled settled) {
        if (tows.solve(settled.pulled()) instanceof TowAnswer.Shaped trunk
                && tows.solve(settled.hanging()) instanceof TowAnswer.Shaped twig) {
            var at = settled.trunk().at(below());
            return Optional.of(
                    new Answer(trunk.shape(), twig.shape(), new Point(at.asternM(), at.starboardM(), at.heightM())));
        }
        return Optional.empty();
    }

    /**
     * @param main     from the tip
     * @param branch   from the junction
     * @param junction from the tip
     */
    public record Answer(TowShape main, TowShape branch, Point junction) {
        /** Of the branch's lure behind the tip (m). */
        public double branchAsternM() {
            return junction.asternM() + branch.asternM();
        }
    }
}
