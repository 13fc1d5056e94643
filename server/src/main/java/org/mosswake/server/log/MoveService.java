package org.mosswake.server.log;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.mosswake.core.advice.DayAdvice;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.moves.Moves;
import org.mosswake.core.moves.Tied;
import org.mosswake.core.spread.Spread;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.gear.Carried;
import org.mosswake.server.gear.LureAboard;
import org.mosswake.server.log.MoveBody.MoveReply;
import org.mosswake.server.platform.wire.SentenceReply;
import org.mosswake.server.spread.MendReply;
import org.mosswake.server.spread.SpreadAssembler;
import org.mosswake.server.strikes.DayEntries;
import org.springframework.stereotype.Service;

/** What the day suggests, as a change of the spread that is fished. */
@Service
class MoveService {
    private static final Duration WITHIN = Duration.ofMinutes(30);
    private static final int MOST = 2;

    private final DayEntries days;
    private final SpreadAssembler assembler;
    private final Aboard aboard;

    MoveService(DayEntries days, SpreadAssembler assembler, Aboard aboard) {
        this.days = days;
        this.assembler = assembler;
        this.aboard = aboard;
    }

    /** What is asked is put together, and refused, at once; the rest is work. */
    Callable<MoveReply> move(UUID vessel, UUID trip, MoveBody body) {
        Spread spread = assembler.assemble(vessel, body.draft());
        Carried carried = aboard.of(vessel).carried();
        double lengthM = aboard.of(vessel).lengthM();
        return () -> {
            DayAdvice advice = DayAdvice.of(days.of(vessel, trip), body.at(), body.leftMin());
            if (advice.wish().isEmpty()) {
                return new MoveReply(null, false, null, null);
            }
            SentenceReply says = SentenceReply.of(advice.trying().orElseThrow());
            if (days.moves(vessel, trip, body.at().minus(WITHIN), body.at()) >= MOST) {
                return new MoveReply(says, true, null, null);
            }
            var turns = SpreadTurns.usual(
                    spread.speed().mps(), lengthM, carried.boat().holders());
            Optional<Moves.Offer> offer =
                    new Moves(turns, tied(carried, spread)).of(advice.wish().get(), spread);
            return new MoveReply(
                    says,
                    false,
                    offer.map(Moves.Offer::mend).map(MendReply::of).orElse(null),
                    offer.map(Moves.Offer::checked).map(SentenceReply::of).orElse(null));
        };
    }

    private static List<Tied> tied(Carried carried, Spread spread) {
        return carried.lures().stream()
                .map(lure -> new Tied(lure.item(), lure.lengthM(), lure.role(), lure.count() - used(lure, spread)))
                .toList();
    }

    private static int used(LureAboard lure, Spread spread) {
        return (int) spread.lines().stream()
                .flatMap(line -> line.tackle().stream())
                .filter(piece -> piece.item()
                        .filter(item -> item.id().equals(lure.item().id()))
                        .isPresent())
                .count();
    }
}
