/** Boats, gear and spreads as kept; the spread solved, turned and mended; coefficients fitted to what was seen. */
package org.mosswake.server.spread;
