package org.mosswake.server.rig;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.rig.Chain;
import org.mosswake.core.rig.Fitting;
import org.mosswake.core.rig.JointKind;
import org.mosswake.core.rig.Material;
import org.mosswake.core.rig.Part;
import org.mosswake.core.rig.Piece;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.rig.Seam;
import org.mosswake.core.units.Force;

/**
 * One part of a chain, from the reel to the hook.
 *
 * @param piece   of the tackle it belongs to; −1 for the reel
 * @param joint   for a joint, with what could be tied instead
 * @param fitting for metal between two lines
 */
record PartReply(
        Part.Sort sort,
        String words,
        int piece,
        String name,
        @Nullable Double lengthM,
        @Nullable Double massKg,
        @Nullable Double strengthN,
        @Nullable Double efficiency,
        boolean twig,
        boolean weakest,
        @Nullable Material material,
        @Nullable JointKind joint,
        List<ChoiceReply> choices,
        Fitting.@Nullable Kind fitting) {
    /** @param share of the line's strength it leaves */
    record ChoiceReply(JointKind joint, String words, double share) {}

    static List<PartReply> of(Chain chain, RigNumbers numbers) {
        Part weakest = chain.weakest();
        return chain.parts().stream()
                .map(part -> of(part, part.equals(weakest), chain, numbers))
                .toList();
    }

    private static PartReply of(Part part, boolean weakest, Chain chain, RigNumbers numbers) {
        boolean own = part.piece() >= 0 && !part.twig();
        Optional<Seam> seam = own ? Optional.of(chain.foot(part.piece())) : Optional.empty();
        Optional<JointKind> joint = switch (part.sort()) {
            case END_ABOVE, JOIN -> seam.flatMap(Seam::above);
            case END_BELOW -> seam.flatMap(Seam::below);
            default -> Optional.empty();
        };
        return new PartReply(
                part.sort(),
                part.sort().words(),
                part.piece(),
                part.name(),
                part.lengthM().orElse(null),
                part.massKg().orElse(null),
                part.strength().map(Force::newtons).orElse(null),
                part.efficiency().orElse(null),
                part.twig(),
                weakest,
                own && part.sort().line() ? chain.pieces().get(part.piece()).material() : null,
                joint.orElse(null),
                joint.map(any -> choices(part, chain, numbers)).orElse(List.of()),
                part.sort() == Part.Sort.FITTING
                        ? seam.flatMap(Seam::fitting).map(Fitting::kind).orElse(null)
                        : null);
    }

    private static List<ChoiceReply> choices(Part part, Chain chain, RigNumbers numbers) {
        Piece upper = chain.pieces().get(part.piece());
        List<JointKind> kinds = switch (part.sort()) {
            case END_ABOVE -> JointKind.endsOf(upper.material());
            case END_BELOW ->
                JointKind.endsOf(chain.pieces().get(part.piece() - 1).material());
            default ->
                JointKind.joinsOf(
                        upper.material(), chain.pieces().get(part.piece() - 1).material());
        };
        return kinds.stream()
                .map(kind -> new ChoiceReply(kind, kind.words(), numbers.efficiency(kind)))
                .toList();
    }
}
