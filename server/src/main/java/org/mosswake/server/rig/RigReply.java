package org.mosswake.server.rig;

import java.util.List;

/**
 * A spread on the bench.
 *
 * @param ticked tasks that are done, and that were
 * @param fishKg it was asked with
 * @param deadBaits as asked, else as stated on the day's plan
 */
record RigReply(
        List<LineBenchReply> lines, TonightReply tonight, List<TickBody.Ticked> ticked, double fishKg, int deadBaits) {}
