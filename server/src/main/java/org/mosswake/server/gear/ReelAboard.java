package org.mosswake.server.gear;

import java.util.Optional;
import org.mosswake.core.rig.Reel;

/** Rods with reels, alike ones together. */
public record ReelAboard(Reel reel, int count, Optional<LineAboard> main) {}
