package org.mosswake.server.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Where;

/** Conditions as an address writes them: {@code DEPTH:4..8}, {@code SPECIES:king|mahi}. */
final class WhereText {
    private static final int MOST = 30;
    private static final String CHOICES = "|";

    private WhereText() {}

    /** @throws org.mosswake.core.fault.FaultException naming each that cannot be read */
    static List<Where> read(String field, List<String> texts) {
        var faults = new Faults();
        if (texts.size() > MOST) {
            faults.add(FaultCode.TOO_MANY, field, texts.size(), MOST);
            faults.throwIfAny();
        }
        var all = new ArrayList<Where>();
        for (int i = 0; i < texts.size(); i++) {
            Where where = one(texts.get(i), faults, field + "[" + i + "]");
            if (where != null) {
                all.add(where);
            }
        }
        faults.throwIfAny();
        return all;
    }

    private static Where one(String text, Faults faults, String field) {
        int colon = text.indexOf(':');
        String name = colon < 0 ? text : text.substring(0, colon);
        Facet facet = Arrays.stream(Facet.values())
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElse(null);
        if (facet == null || colon < 0) {
            String all = Arrays.stream(Facet.values()).map(Facet::name).collect(Collectors.joining(", "));
            faults.add(FaultCode.NOT_ONE_OF, field, name, all);
            return null;
        }
        String said = text.substring(colon + 1);
        if (!facet.isNumber()) {
            return new Where(facet, Set.of(said.split("\\" + CHOICES)), Double.NaN, Double.NaN);
        }
        String[] ends = said.split("\\.\\.", -1);
        try {
            double from = Double.parseDouble(ends[0]);
            double to = Double.parseDouble(ends[ends.length - 1]);
            if (ends.length == 2 && Double.isFinite(from) && Double.isFinite(to)) {
                return Where.between(facet, from, to);
            }
        } catch (NumberFormatException notANumber) {
            // Said below.
        }
        faults.add(FaultCode.UNREADABLE_QUANTITY, field, said, "4..8");
        return null;
    }

    static String text(Where where) {
        Facet facet = where.facet();
        return facet.name()
                + ":"
                + (facet.isNumber()
                        ? where.from() + ".." + where.to()
                        : where.choices().stream().sorted().collect(Collectors.joining(CHOICES)));
    }
}
