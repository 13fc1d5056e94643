package org.mosswake.server.rig;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.bench.BenchAsk;
import org.mosswake.core.bench.BenchNote;
import org.mosswake.core.bench.BenchWays;
import org.mosswake.core.bench.LineBench;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.rig.BaitRig;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.Marks;
import org.mosswake.core.rig.Pulls;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.rig.Run;
import org.mosswake.core.rig.Shock;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.units.Force;
import org.mosswake.server.platform.wire.SentenceReply;
import org.mosswake.server.spread.LikelyPull;
import org.mosswake.server.spread.MendReply;
import org.mosswake.server.spread.SpreadChangeReply;

/**
 * One line on the bench.
 *
 * @param depthM of the lure, and {@code pullN} of the water at the tip; absent where it is in the air
 * @param leftM  on the reel behind the let-out
 */
record LineBenchReply(
        UUID lineId,
        String label,
        String lure,
        double letOutM,
        List<PartReply> parts,
        double strengthN,
        double strikeDragN,
        @Nullable Double rodClassN,
        @Nullable Double pullN,
        @Nullable LikelyPull likelyPull,
        @Nullable Double depthM,
        Take take,
        String takeWords,
        @Nullable WindowReply window,
        @Nullable Shock shock,
        @Nullable ReelReply reel,
        double offM,
        double keepM,
        @Nullable Double leftM,
        List<Run> runs,
        Hooks.Kind hookKind,
        int hookCount,
        double hookStrengthN,
        @Nullable BaitReply bait,
        List<MarkReply> marks,
        Marks markedBy,
        @Nullable String scent,
        List<NoteReply> notes,
        List<WayReply> ways,
        List<String> cautions) {
    /** @param looseMostN first setting of a loose take at most */
    record WindowReply(
            double leastN,
            double mostN,
            double firmN,
            @Nullable Double looseMostN,
            double usualN,
            boolean empty,
            DragWindow.Limit limit) {}

    record ReelReply(UUID gearId, String name) {}

    record HookReply(double alongM, double acrossShare, String words) {}

    record BaitReply(
            Rigging.Bait.Kind kind,
            double lengthM,
            List<HookReply> hooks,
            BaitRig.@Nullable Cut cut,
            BaitRig.@Nullable Bend bend,
            double trailM,
            double slackM,
            List<SentenceReply> notes) {
        static BaitReply of(BaitRig rig) {
            return new BaitReply(
                    rig.kind(),
                    rig.lengthM(),
                    rig.hooks().stream()
                            .map(hook -> new HookReply(hook.alongM(), hook.acrossShare(), hook.words()))
                            .toList(),
                    rig.cut().orElse(null),
                    rig.bend().orElse(null),
                    rig.trailM(),
                    rig.slackM(),
                    SentenceReply.of(rig.notes()));
        }
    }

    record MarkReply(Marks way, String words, SentenceReply find) {}

    record NoteReply(
            BenchNote.Kind kind,
            BenchNote.Weight weight,
            SentenceReply title,
            SentenceReply text,
            List<MendReply> mends) {
        static NoteReply of(BenchNote note) {
            return new NoteReply(
                    note.kind(),
                    note.weight(),
                    SentenceReply.of(note.title()),
                    SentenceReply.of(note.text()),
                    note.mends().stream().map(MendReply::of).toList());
        }
    }

    record WaySideReply(SentenceReply text, List<SpreadChangeReply> changes) {}

    record WayReply(BenchWays.Topic topic, List<WaySideReply> sides) {
        static WayReply of(BenchWays.Way way) {
            return new WayReply(
                    way.topic(),
                    way.sides().stream()
                            .map(side -> new WaySideReply(
                                    SentenceReply.of(side.text()), SpreadChangeReply.of(side.changes())))
                            .toList());
        }
    }

    static LineBenchReply of(LineBench bench, BenchAsk ask, List<BenchWays.Way> ways) {
        SpreadLine line = bench.line();
        Rigging rigging = line.rigging();
        Optional<Reel> reel = rigging.reel();
        Pulls pulls = rigging.pulls();
        return new LineBenchReply(
                line.id(),
                bench.label(),
                lure(line),
                line.letOutM(),
                PartReply.of(bench.chain(), rigging.numbers()),
                bench.chain().strength().newtons(),
                line.strikeDrag().newtons(),
                reel.flatMap(Reel::rodClass).map(Force::newtons).orElse(null),
                bench.shape().map(TowShape::tensionAtTipN).orElse(null),
                bench.pull().map(LikelyPull::of).orElse(null),
                bench.shape().map(TowShape::depthM).orElse(null),
                line.take(),
                line.take().words(),
                bench.window().map(window -> window(window, rigging)).orElse(null),
                bench.shock().orElse(null),
                reel.map(on -> new ReelReply(on.id(), on.name())).orElse(null),
                bench.offM(),
                bench.keepM(),
                bench.leftM().orElse(null),
                bench.runs(),
                rigging.hooks().kind(),
                rigging.hooks().count(),
                rigging.hooks().strength().newtons(),
                bench.bait().map(BaitReply::of).orElse(null),
                Arrays.stream(Marks.values())
                        .map(way -> new MarkReply(way, way.words(), SentenceReply.of(way.find(line.letOutM(), pulls))))
                        .toList(),
                rigging.marks().orElse(Marks.usual(bench.chain().main().material())),
                rigging.scent().orElse(null),
                bench.notes().stream().map(NoteReply::of).toList(),
                ways.stream().map(WayReply::of).toList(),
                bench.cautions().stream().map(Caution::words).toList());
    }

    /** Of a three-way that ends in a plain lead, the one that fishes. */
    private static String lure(SpreadLine line) {
        return line.tackle().stream()
                .flatMap(piece -> piece.branch().stream())
                .filter(branch -> line.lure().lead())
                .map(branch -> branch.lure().name())
                .findFirst()
                .orElse(line.lure().name());
    }

    private static WindowReply window(DragWindow window, Rigging rigging) {
        return new WindowReply(
                window.least().newtons(),
                window.most().newtons(),
                window.firm().newtons(),
                window.take() == Take.LOOSE
                        ? window.looseMost(rigging.numbers()).newtons()
                        : null,
                window.usual().newtons(),
                window.isEmpty(),
                window.limit());
    }
}
