package org.mosswake.server.strikes;

import java.util.Arrays;
import java.util.Optional;
import org.mosswake.core.strikes.Happening;

/** What facts say, by the word devices send. Words of old devices are read for ever, so none is ever removed. */
enum FactKind {
    STRUCK(Happening.Struck.class),
    LANDED(Happening.Landed.class),
    LOST(Happening.Lost.class),
    FOLLOWED(Happening.Followed.class),
    SET(Happening.Set.class),
    CHANGED(Happening.Changed.class),
    CLEARED(Happening.Cleared.class),
    RENEWED(Happening.Renewed.class),
    CHECKED(Happening.Checked.class),
    TOUCHED(Happening.Touched.class),
    CUED(Happening.Cued.class),
    ENGINES(Happening.Engines.class),
    SIGHTED(Happening.Sighted.class),
    BAIT_CAUGHT(Happening.BaitCaught.class),
    BAIT_DEAD(Happening.BaitDead.class),
    OPENED(Happening.Opened.class),
    ANNOTATED(Happening.Annotated.class),
    RETRACTED(Happening.Retracted.class),
    CORRECTED(Happening.Corrected.class),
    TENDED(Happening.Tended.class),
    FIX(Happening.Fix.class);

    /** The newest edition of payloads that this program reads; a newer one is kept unread. */
    static final int EDITION = 2;

    private final Class<? extends Happening> says;

    FactKind(Class<? extends Happening> says) {
        this.says = says;
    }

    Class<? extends Happening> says() {
        return says;
    }

    static Optional<FactKind> of(String word) {
        return Arrays.stream(values()).filter(kind -> kind.name().equals(word)).findFirst();
    }
}
