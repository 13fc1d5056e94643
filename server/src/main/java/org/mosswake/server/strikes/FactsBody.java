package org.mosswake.server.strikes;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.strikes.Happening;
import org.mosswake.server.spread.FishedBody;

/**
 * Facts in any order, some perhaps sent before. This is the document of what is read as text: see {@link FactsText}.
 *
 * @param fished spreads as fished that the facts name by hash
 */
record FactsBody(List<FactBody> facts, @Nullable List<FishedBody> fished) {
    /** One fact; a kind that is not listed is kept too. */
    record FactBody(
            UUID factId,
            UUID tripId,
            String kind,
            Integer edition,
            UUID deviceId,
            Instant happenedAt,
            Instant deviceAt,

            @Schema(
                    oneOf = {
                        Happening.Struck.class,
                        Happening.Landed.class,
                        Happening.Lost.class,
                        Happening.Followed.class,
                        Happening.Set.class,
                        Happening.Changed.class,
                        Happening.Cleared.class,
                        Happening.Renewed.class,
                        Happening.Checked.class,
                        Happening.Touched.class,
                        Happening.Cued.class,
                        Happening.Engines.class,
                        Happening.Sighted.class,
                        Happening.BaitCaught.class,
                        Happening.BaitDead.class,
                        Happening.Opened.class,
                        Happening.Annotated.class,
                        Happening.Retracted.class,
                        Happening.Corrected.class,
                        Happening.Tended.class
                    })
            Object payload) {}
}
