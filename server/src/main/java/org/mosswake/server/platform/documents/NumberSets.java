package org.mosswake.server.platform.documents;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.units.NumberBook;
import org.mosswake.server.platform.wire.MarkedReply;
import org.mosswake.server.platform.wire.NumbersBody;
import org.mosswake.server.platform.wire.NumbersReply;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** A set of numbers kept as one document: what will stand is checked whole, whoever wrote it. */
@Service
public class NumberSets {
    private static final String ONLY = "";

    /**
     * One set of numbers.
     *
     * @param usable tells what of it can be used
     * @param words  for a key
     */
    public record Of(
            DocumentKind kind,
            MarkedReply.Where where,
            Function<Map<String, Double>, NumberBook.Usable> usable,
            UnaryOperator<String> words) {}

    private final Documents documents;

    NumberSets(Documents documents) {
        this.documents = documents;
    }

    /** What of the set is used. */
    public Map<String, Double> used(UUID vessel, Of of) {
        return of.usable().apply(set(kept(vessel, of))).set();
    }

    public NumbersReply reply(UUID vessel, Of of) {
        return reply(kept(vessel, of), of);
    }

    /**
     * The whole set at once. A number that could not be used before may stay as it is: mending one must not wait for all.
     *
     * @throws FaultException naming every number that is new and cannot be used
     */
    public NumbersReply put(UUID vessel, Of of, NumbersBody body) {
        Map<String, Double> next = body.values();
        Map<String, Double> before = set(kept(vessel, of));
        List<String> marked =
                of.usable().apply(before).faults().stream().map(Fault::field).toList();
        List<Fault> faults = of.usable().apply(next).faults().stream()
                .filter(fault -> !(marked.contains(fault.field())
                        && before.get(fault.field()).equals(next.get(fault.field()))))
                .toList();
        if (!faults.isEmpty()) {
            throw new FaultException(faults);
        }
        var write = new Documents.Change("This set of numbers", ONLY, body.version(), body);
        return reply(Optional.of(documents.put(vessel, of.kind(), write, next, kept -> reply(kept, of))), of);
    }

    private Optional<Documents.Kept> kept(UUID vessel, Of of) {
        return documents.one(vessel, of.kind(), ONLY);
    }

    private static NumbersReply reply(Optional<Documents.Kept> kept, Of of) {
        Map<String, Double> set = set(kept);
        return NumbersReply.of(
                of.where(),
                kept.map(Documents.Kept::version).orElse(0),
                set,
                of.usable().apply(set).faults(),
                of.words());
    }

    private static Map<String, Double> set(Optional<Documents.Kept> kept) {
        var set = new LinkedHashMap<String, Double>();
        kept.map(Documents.Kept::body)
                .filter(JsonNode::isObject)
                .ifPresent(body -> body.properties()
                        .forEach(entry ->
                                set.put(entry.getKey(), entry.getValue().asDouble(0))));
        return set;
    }
}
