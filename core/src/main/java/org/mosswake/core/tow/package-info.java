/**
 * One line at rest behind a boat: where its lure runs, what pulls on it, and why it cannot when it cannot.
 *
 * <p>Axes: x astern, y starboard, z up from the sea surface; SI throughout. A chain is listed from the lure up: a body
 * (or none) and the piece of line above it. The line is inextensible and limp; water and air stream past at the boat's
 * speed through the water.
 *
 * <p>The answer is a {@link org.mosswake.core.tow.TowAnswer}: a shape (the lure runs under or is held at the surface),
 * airborne with what would mend it, or not converged with the reason. Input outside
 * {@link org.mosswake.core.tow.TowLimits} is refused with faults; nothing here returns NaN.
 */
package org.mosswake.core.tow;
