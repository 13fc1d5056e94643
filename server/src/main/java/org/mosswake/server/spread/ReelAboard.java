package org.mosswake.server.spread;

import java.util.Optional;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Spool;

/** Rods with reels, alike ones together. */
public record ReelAboard(Reel reel, int count, Optional<LineAboard> main) {
    public String name() {
        return reel.name();
    }

    public Spool spool() {
        return reel.spool();
    }
}
