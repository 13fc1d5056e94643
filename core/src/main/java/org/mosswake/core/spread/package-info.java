/**
 * All lines out together: the boat with its holders, the gear, the line-up, each line solved, and what the tool says
 * of it.
 *
 * <p>Boat frame: x astern of the transom, y to starboard, z up from the water (m). Lines are labelled by where they
 * run: S and P for the sides, C for the middle, D for deep ones, counted from the outside in.
 */
package org.mosswake.core.spread;
