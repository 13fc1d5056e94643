package org.mosswake.core.sim;

import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.turn.Bend;

/**
 * What a line offers a fish at a moment.
 *
 * @param position of the line behind the boat, by the name of its holder
 * @param lengthM  of the lure
 * @param pace     its speed through the water over the middle of those it works at
 */
public record Offer(String position, double depthM, ColourRole colour, double lengthM, double pace, Bend bend) {}
