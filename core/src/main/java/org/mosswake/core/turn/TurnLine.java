package org.mosswake.core.turn;

import org.mosswake.core.tow.Tow;

/**
 * A line to be turned: its tow on a straight course, and where its tip is on the boat.
 *
 * @param tipAsternM    of the boat's datum, the middle of the transom (m)
 * @param tipStarboardM of the middle line (m)
 */
public record TurnLine(Tow tow, double tipAsternM, double tipStarboardM) {}
