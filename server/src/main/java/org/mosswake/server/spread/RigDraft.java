package org.mosswake.server.spread;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.Marks;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.rig.Rigging.Bait;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.LineRigging;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.units.Force;

/** What the bench chose for a line; what is absent is as usual for its lure. */
public record RigDraft(
        @Nullable UUID reelGearId,
        Hooks.@Nullable Kind hookKind,
        @Nullable Integer hookCount,
        @Nullable Double hookStrengthN,
        Bait.@Nullable Kind baitKind,
        @Nullable Double baitLengthM,
        @Nullable Double baitAngleRad,
        @Nullable Take take,
        @Nullable Marks marks,
        @Nullable String scent) {
    private static final RigDraft NOTHING = new RigDraft(null, null, null, null, null, null, null, null, null, null);

    void check(Faults faults, String path) {
        Hooks.COUNT.checkOptional(faults, path + ".hookCount", hookCount == null ? null : (double) hookCount);
        Hooks.STRENGTH_N.checkOptional(faults, path + ".hookStrengthN", hookStrengthN);
        Bait.LENGTH_M.checkOptional(faults, path + ".baitLengthM", baitLengthM);
        Bait.ANGLE_RAD.checkOptional(faults, path + ".baitAngleRad", baitAngleRad);
        if (scent != null) {
            faults.text(path + ".scent", scent, Rigging.LONGEST_SCENT);
        }
        if (hookCount != null || hookStrengthN != null) {
            faults.required(path + ".hookKind", hookKind);
        }
    }

    /** Null where everything is as usual. */
    static @Nullable RigDraft of(SpreadLine line) {
        Rigging rigging = line.rigging();
        Rigging usual = LineRigging.usual(line.tackle());
        boolean hooked = !rigging.hooks().equals(usual.hooks());
        boolean baited = !rigging.bait().equals(usual.bait());
        var draft = new RigDraft(
                rigging.reel().map(Reel::id).orElse(null),
                hooked ? rigging.hooks().kind() : null,
                hooked ? rigging.hooks().count() : null,
                hooked ? rigging.hooks().strength().newtons() : null,
                baited ? rigging.bait().map(Bait::kind).orElse(null) : null,
                baited ? rigging.bait().map(Bait::lengthM).orElse(null) : null,
                rigging.bait().flatMap(Bait::angleRad).orElse(null),
                rigging.take().orElse(null),
                rigging.marks().orElse(null),
                rigging.scent().orElse(null));
        return draft.orNull();
    }

    @Nullable
    RigDraft orNull() {
        return equals(NOTHING) ? null : this;
    }

    static RigDraft orNothing(@Nullable RigDraft draft) {
        return draft == null ? NOTHING : draft;
    }

    Rigging toCore(List<TacklePiece> tackle, Optional<Reel> reel, RigNumbers numbers) {
        Rigging usual = LineRigging.usual(tackle);
        return new Rigging(
                reel,
                hooks(usual.hooks()),
                bait(usual.bait()),
                Optional.ofNullable(take),
                Optional.ofNullable(marks),
                Optional.ofNullable(scent),
                numbers);
    }

    private Hooks hooks(Hooks usual) {
        Hooks chosen = hookKind == null ? usual : hookKind.usual();
        return new Hooks(
                chosen.kind(),
                hookCount == null ? chosen.count() : hookCount,
                hookStrengthN == null ? chosen.strength() : new Force(hookStrengthN));
    }

    private Optional<Bait> bait(Optional<Bait> usual) {
        return usual.map(bait -> new Bait(
                baitKind == null ? bait.kind() : baitKind,
                baitLengthM == null ? bait.lengthM() : baitLengthM,
                Optional.ofNullable(baitAngleRad)));
    }
}
