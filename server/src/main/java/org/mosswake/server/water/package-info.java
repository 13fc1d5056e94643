/** Grids of the sea as they are kept, taken in and looked through for places to begin. */
@NullMarked
package org.mosswake.server.water;

import org.jspecify.annotations.NullMarked;
