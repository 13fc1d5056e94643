package org.mosswake.server.gear;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.NumberSets;
import org.mosswake.server.platform.wire.MarkedReply;
import org.mosswake.server.platform.wire.NumbersBody;
import org.mosswake.server.platform.wire.NumbersReply;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Numbers of the bench that the skipper set. */
@Service
public class BenchNumbersService implements MarkedReply.Source {
    private static final NumberSets.Of BENCH = new NumberSets.Of(
            DocumentKind.BENCH_NUMBERS, MarkedReply.Where.BENCH_NUMBERS, RigNumbers::usable, RigNumbers::words);

    private final NumberSets sets;
    private final BoatService boats;

    BenchNumbersService(NumberSets sets, BoatService boats) {
        this.sets = sets;
        this.boats = boats;
    }

    @Transactional(readOnly = true)
    public RigNumbers of(UUID vessel) {
        return new RigNumbers(sets.used(vessel, BENCH));
    }

    @Transactional(readOnly = true)
    public NumbersReply kept(UUID vessel) {
        return sets.reply(vessel, BENCH);
    }

    /** All of them at once; what is left out goes back to its default. */
    @Write
    public NumbersReply set(UUID vessel, NumbersBody body) {
        boats.require(vessel);
        return sets.put(vessel, BENCH, body);
    }

    @Override
    public List<MarkedReply> marked(UUID vessel) {
        return kept(vessel).marked();
    }
}
