package org.mosswake.server.call;

import java.util.List;
import org.mosswake.server.platform.wire.MarkedReply;

/**
 * The skipper's own table.
 *
 * @param marked entries kept from before that today's program does not take; named by their species
 */
record RulesReply(List<RuleBody> rules, List<MarkedReply> marked) {}
