package org.mosswake.server.spread;

import java.util.Optional;
import org.mosswake.core.rig.Spool;

/** Rods with reels, alike ones together. */
public record ReelAboard(String name, int count, Spool spool, Optional<LineAboard> main) {}
