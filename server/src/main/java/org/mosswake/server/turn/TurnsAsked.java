package org.mosswake.server.turn;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.turn.TurnRules;

/**
 * All that an answer about turns stands on: equal ones have equal answers.
 *
 * @param holders those of the boat, for a line that is moved
 * @param lengthM of the boat
 * @param allIn   the skipper clears every line for any fish
 */
record TurnsAsked(UUID vessel, Spread spread, TurnRules rules, List<Holder> holders, double lengthM, boolean allIn) {}
