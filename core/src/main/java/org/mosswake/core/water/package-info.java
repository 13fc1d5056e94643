/** Grids of the sea, what stands out in them, and where it is worth beginning. */
package org.mosswake.core.water;
