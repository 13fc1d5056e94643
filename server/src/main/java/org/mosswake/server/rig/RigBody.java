package org.mosswake.server.rig;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.bench.BenchAsk;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;

/**
 * A spread put on the bench.
 *
 * @param playbook  it is fished by; says how much line is kept and whether teeth are met
 * @param fishKg    that is met; absent: a usual one
 * @param deadBaits aboard or to be had
 * @param bites     expected in the day
 * @param day       of the trip, with {@code timeZone}: the evening before it is planned
 */
record RigBody(
        SpreadDraft draft,
        @Nullable UUID spreadId,
        @Nullable PlaybookId playbook,
        @Nullable Double fishKg,
        @Nullable Integer deadBaits,
        @Nullable Double bites,
        LocalDate day,
        String timeZone)
        implements Checked {
    private static final Accepted DEAD_BAITS = new Accepted(0, 500, "");
    private static final Accepted BITES = new Accepted(0, 100, "");

    @Override
    public void check(Faults faults) {
        if (faults.required("draft", draft)) {
            draft.check(faults, "draft.");
        }
        BenchAsk.FISH_KG.checkOptional(faults, "fishKg", fishKg);
        DEAD_BAITS.checkOptional(faults, "deadBaits", deadBaits == null ? null : (double) deadBaits);
        BITES.checkOptional(faults, "bites", bites);
        faults.required("day", day);
        Place.checkZone(faults, timeZone);
    }
}
