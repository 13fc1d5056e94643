package org.mosswake.core.turn;

import java.util.Optional;

/**
 * How far the boat may turn to one side at the radius.
 *
 * @param limitRad     turning any angle up to it and then running straight has no foul (rad); half a turn at most
 * @param firstFoul    what stops a turn a step further; empty when half a turn is clear
 * @param runStraightM after a turn to the limit, until every lure is back at its place (m)
 * @param runStraightS the same (s)
 */
public record SideLimit(
        Side side, double limitRad, Optional<Foul> firstFoul, double runStraightM, double runStraightS) {}
