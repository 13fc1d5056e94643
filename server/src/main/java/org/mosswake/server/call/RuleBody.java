package org.mosswake.server.call;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.format.DateTimeFormatter;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.call.Entry;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.Species;
import org.mosswake.server.platform.json.Checked;

/**
 * One species in the skipper's own table; {@code version} 0 makes a new entry.
 *
 * @param dated      when it was looked up
 * @param seasonFrom month and day, {@code 05-01}, with {@code seasonTo}; the season may run over the new year
 * @param bag        for each person and day
 */
record RuleBody(
        Species species,
        Integer version,
        LocalDate dated,
        @Nullable String seasonFrom,
        @Nullable String seasonTo,
        @Nullable Integer bag,
        @Nullable Double leastLengthM,
        @Nullable Double mostLengthM,
        Boolean barbless,
        @Nullable Integer mostLines,
        String gear)
        implements Checked {
    /** What core calls otherwise. */
    private static final Map<String, String> OF_CORE = Map.of("from", "seasonFrom", "to", "seasonTo");

    private static final DateTimeFormatter MONTH_DAY = DateTimeFormatter.ofPattern("MM-dd");

    @Override
    public void check(Faults faults) {
        faults.required("species", species);
        faults.required("version", version);
        faults.required("dated", dated);
        faults.required("barbless", barbless);
        faults.required("gear", gear);
        monthDay(faults, "seasonFrom", seasonFrom);
        monthDay(faults, "seasonTo", seasonTo);
        if (faults.isEmpty()) {
            try {
                toCore();
            } catch (FaultException e) {
                e.faults().forEach(fault -> faults.add(fault.at(OF_CORE.getOrDefault(fault.field(), fault.field()))));
            }
        }
    }

    private static void monthDay(Faults faults, String field, @Nullable String text) {
        if (text == null) {
            return;
        }
        try {
            MonthDay.parse(text, MONTH_DAY);
        } catch (DateTimeException e) {
            faults.add(FaultCode.WRONG_TYPE, field, "the text '" + text + "'", "a month and a day, such as 05-01");
        }
    }

    /** As stored: species and version are the document's name and version. */
    RuleContent content() {
        return new RuleContent(dated, seasonFrom, seasonTo, bag, leastLengthM, mostLengthM, barbless, mostLines, gear);
    }

    record RuleContent(
            LocalDate dated,
            @Nullable String seasonFrom,
            @Nullable String seasonTo,
            @Nullable Integer bag,
            @Nullable Double leastLengthM,
            @Nullable Double mostLengthM,
            Boolean barbless,
            @Nullable Integer mostLines,
            String gear) {}

    Entry toCore() {
        return new Entry(
                species,
                dated,
                Optional.ofNullable(seasonFrom).map(text -> MonthDay.parse(text, MONTH_DAY)),
                Optional.ofNullable(seasonTo).map(text -> MonthDay.parse(text, MONTH_DAY)),
                Optional.ofNullable(bag),
                Optional.ofNullable(leastLengthM),
                Optional.ofNullable(mostLengthM),
                barbless,
                Optional.ofNullable(mostLines),
                gear);
    }

    /** Of an entry as used in a call, whose version nobody asks for. */
    static RuleBody of(Entry entry) {
        return new RuleBody(
                entry.species(),
                0,
                entry.dated(),
                entry.from().map(MONTH_DAY::format).orElse(null),
                entry.to().map(MONTH_DAY::format).orElse(null),
                entry.bag().orElse(null),
                entry.leastLengthM().orElse(null),
                entry.mostLengthM().orElse(null),
                entry.barbless(),
                entry.mostLines().orElse(null),
                entry.gear());
    }
}
