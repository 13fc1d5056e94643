package org.mosswake.server.call;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Schools;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.platform.documents.NumberSets;
import org.mosswake.server.platform.wire.MarkedReply;
import org.mosswake.server.platform.wire.NumbersBody;
import org.mosswake.server.platform.wire.NumbersReply;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The skipper's own: sides taken and numbers set. */
@Service
public class WaysService implements MarkedReply.Source {
    private static final NumberSets.Of CALL =
            new NumberSets.Of(DocumentKind.CALL_NUMBERS, MarkedReply.Where.NUMBERS, Numbers::usable, Numbers::words);

    private final Documents documents;
    private final NumberSets sets;
    private final SpreadService spreads;
    private final LearntWeights learnt;

    WaysService(Documents documents, NumberSets sets, SpreadService spreads, LearntWeights learnt) {
        this.learnt = learnt;
        this.documents = documents;
        this.sets = sets;
        this.spreads = spreads;
    }

    @Transactional(readOnly = true)
    public Schools schools(UUID vessel) {
        var chosen = new EnumMap<School, Integer>(School.class);
        sides(vessel).stream()
                .filter(side -> side.version() > 0)
                .forEach(side -> chosen.put(side.school(), side.side()));
        return new Schools(chosen);
    }

    /** Every school there is, with the side taken; a side an earlier edition had and this one has not is the first. */
    @Transactional(readOnly = true)
    List<SideBody> sides(UUID vessel) {
        List<Kept> kept = documents.all(vessel, DocumentKind.SCHOOL);
        return Arrays.stream(School.values())
                .map(school -> side(
                        school,
                        kept.stream()
                                .filter(one -> one.name().equals(school.name()))
                                .findFirst()))
                .toList();
    }

    private static SideBody side(School school, Optional<Kept> kept) {
        int side = kept.map(one -> one.body().path("side").asInt(0)).orElse(0);
        boolean known = side >= 0 && side < school.sides().size();
        return new SideBody(school, known ? side : 0, kept.map(Kept::version).orElse(0));
    }

    @Write
    List<SideBody> take(UUID vessel, SideBody body) {
        spreads.requireBoat(vessel);
        new Schools(Map.of(body.school(), body.side()));
        var write = new Documents.Change("This side", body.school().name(), body.version(), body);
        documents.put(
                vessel, DocumentKind.SCHOOL, write, Map.of("side", body.side()), kept -> side(body.school(), kept));
        return sides(vessel);
    }

    /** The skipper's own, before what the days have taught, before the shipped ones. */
    @Transactional(readOnly = true)
    public Numbers numbers(UUID vessel) {
        return numbers(
                vessel, learnt.learnt(vessel).map(LearntWeights.Learnt::tenths).orElse(Map.of()));
    }

    /** The same, had the days taught this. */
    @Transactional(readOnly = true)
    public Numbers numbers(UUID vessel, Map<String, Double> taught) {
        var all = new HashMap<>(Numbers.usable(taught).set());
        all.putAll(sets.used(vessel, CALL));
        return new Numbers(all);
    }

    /** Days that moved the weights in use; empty for the shipped ones. */
    Optional<Integer> taughtByDays(UUID vessel) {
        return learnt.learnt(vessel).map(LearntWeights.Learnt::days);
    }

    /** Without what the days have taught. */
    @Transactional(readOnly = true)
    public Numbers ownNumbers(UUID vessel) {
        return new Numbers(sets.used(vessel, CALL));
    }

    @Transactional(readOnly = true)
    NumbersReply keptNumbers(UUID vessel) {
        return sets.reply(vessel, CALL);
    }

    /** All of them at once: what belongs in order is checked together. */
    @Write
    NumbersReply set(UUID vessel, NumbersBody body) {
        spreads.requireBoat(vessel);
        return sets.put(vessel, CALL, body);
    }

    @Override
    public List<MarkedReply> marked(UUID vessel) {
        return keptNumbers(vessel).marked();
    }
}
