package org.mosswake.server.weights;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.server.call.LearntWeights;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.springframework.stereotype.Component;

/** What was switched on, as it stood then: a call does not change under the skipper's hands. */
@Component
class WeightsStore implements LearntWeights {
    private static final String ONLY = "";

    private final Documents documents;

    WeightsStore(Documents documents) {
        this.documents = documents;
    }

    /** @param tenths by key */
    record Taught(boolean on, int days, Map<String, Double> tenths) {}

    record Standing(int version, Instant since, Taught taught) {}

    @Override
    public Optional<Learnt> learnt(UUID vessel) {
        return standing(vessel)
                .map(Standing::taught)
                .filter(Taught::on)
                .map(taught -> new Learnt(taught.days(), taught.tenths()));
    }

    Optional<Standing> standing(UUID vessel) {
        return documents.one(vessel, DocumentKind.LEARNT_WEIGHTS, ONLY).map(WeightsStore::read);
    }

    private static Standing read(Documents.Kept kept) {
        var tenths = new LinkedHashMap<String, Double>();
        kept.body()
                .path("tenths")
                .properties()
                .forEach(one -> tenths.put(one.getKey(), one.getValue().asDouble(0)));
        var taught = new Taught(
                kept.body().path("on").asBoolean(false),
                kept.body().path("days").asInt(0),
                tenths);
        return new Standing(kept.version(), kept.changedAt(), taught);
    }

    void put(UUID vessel, WeightsBody body, Taught taught) {
        var write = new Documents.Change("These weights", ONLY, body.version(), body);
        documents.put(
                vessel,
                DocumentKind.LEARNT_WEIGHTS,
                write,
                taught,
                kept -> kept.map(WeightsStore::read)
                        .map(theirs -> new WeightsBody(
                                theirs.version(), theirs.taught().on()))
                        .orElse(null));
    }
}
