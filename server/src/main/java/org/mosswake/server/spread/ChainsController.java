package org.mosswake.server.spread;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.NamedChain;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.server.gear.GearService;
import org.mosswake.server.gear.LineGearBody;
import org.mosswake.server.gear.LureGearBody;
import org.mosswake.server.gear.LureGearKind;
import org.mosswake.server.spread.SpreadDraft.BranchDraft;
import org.mosswake.server.spread.SpreadDraft.PieceDraft;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Chains by name, made of what the boat carries: the nearest strength of each kind. */
@RestController
class ChainsController {
    /**
     * @param tackle  as far as the gear aboard makes it; any lure will do where {@code anyLure} says so
     * @param missing kinds of which nothing is aboard
     */
    record ChainReply(
            NamedChain name, boolean anyLure, List<PieceDraft> tackle, List<String> missing, double shortestLetOutM) {}

    private final GearService gear;

    ChainsController(GearService gear) {
        this.gear = gear;
    }

    @GetMapping("/api/boats/{boat}/chains")
    List<ChainReply> chains(@PathVariable UUID boat) {
        GearService.Gear carried = gear.of(boat);
        return Arrays.stream(NamedChain.values())
                .map(chain -> new Tying(carried).chain(chain))
                .toList();
    }

    private static final class Tying {
        private final GearService.Gear carried;
        private final List<String> missing = new ArrayList<>();

        Tying(GearService.Gear carried) {
            this.carried = carried;
        }

        ChainReply chain(NamedChain chain) {
            var tackle = chain.parts().stream().map(this::piece).toList();
            double leaders = chain.parts().stream()
                    .mapToDouble(part -> part.lengthM().orElse(0.0))
                    .sum();
            boolean any = chain.parts().get(0).lure().anyLure();
            return new ChainReply(
                    chain, any, missing.isEmpty() ? tackle : List.of(), List.copyOf(missing), leaders + 1);
        }

        private PieceDraft piece(NamedChain.Part part) {
            return new PieceDraft(
                    part.lure().isNothing() ? null : lure(part.lure()),
                    line(part.line(), part.pounds()),
                    part.lengthM().orElse(null),
                    part.branch()
                            .map(twig -> new BranchDraft(
                                    lure(twig.lure()),
                                    line(twig.line(), twig.pounds()),
                                    twig.lengthM().orElseThrow()))
                            .orElse(null));
        }

        private @Nullable UUID lure(NamedChain.LureRole role) {
            Optional<LureGearBody> found = carried.lures().stream()
                    .filter(lure -> role.lead()
                            ? lure.kind().isLead() && lure.massKg() < 3
                            : role.kind()
                                    .map(kind -> kind.name().equals(lure.kind().name()))
                                    .orElse(!lure.kind().isLead()))
                    .max(Comparator.comparingDouble(lure -> role.lead() ? lure.massKg() : 0));
            if (found.isEmpty()) {
                missing.add(
                        role.lead()
                                ? LureGearKind.TORPEDO_LEAD.name()
                                : role.kind().map(Enum::name).orElse("LURE"));
            }
            return found.map(LureGearBody::gearId).orElse(null);
        }

        private @Nullable UUID line(LineKind kind, double pounds) {
            double wanted = Force.of(pounds, ForceUnit.POUND_FORCE).newtons();
            Optional<LineGearBody> found = carried.lines().stream()
                    .filter(line -> line.kind() == kind)
                    .min(Comparator.comparingDouble(line -> Math.abs(line.strengthN() - wanted)));
            if (found.isEmpty()) {
                missing.add(kind.name());
            }
            return found.map(LineGearBody::gearId).orElse(null);
        }
    }
}
