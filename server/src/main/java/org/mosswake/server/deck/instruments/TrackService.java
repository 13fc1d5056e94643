package org.mosswake.server.deck.instruments;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.live.OtherBoat;
import org.mosswake.core.live.Sample;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.json.Stored;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What instruments told, second by second, for whoever leads lines along it. */
@Service
public class TrackService {
    /** Longer than the longest line lags. */
    private static final Duration KEPT = Duration.ofMinutes(15);

    private final TrackMapper rows;
    private final Stored stored;
    private final JsonMapper json;

    TrackService(TrackMapper rows, Stored stored, JsonMapper json) {
        this.rows = rows;
        this.stored = stored;
        this.json = json;
    }

    /** @param others boats that were told of anew */
    public record Told(Sample sample, List<OtherBoat> others) {}

    private record Row(Instant at, SampleRow body) {}

    @Write
    void keep(UUID vessel, List<Told> told) {
        if (told.isEmpty()) {
            return;
        }
        var written = told.stream()
                .map(one -> new Row(one.sample().at(), SampleRow.of(one.sample(), one.others())))
                .toList();
        rows.insert(vessel, json.writeValueAsString(written));
        Instant last = written.get(written.size() - 1).at();
        if (written.stream().anyMatch(row -> row.at().getEpochSecond() % 60 == 0)) {
            rows.trim(vessel, last.minus(KEPT));
        }
    }

    /** In order; what another edition wrote and this one cannot read is passed over. */
    @Transactional(readOnly = true)
    public List<Told> after(UUID vessel, Instant moment) {
        return rows.after(vessel, moment).stream()
                .flatMap(row -> stored.read(json.readTree(row.body()), SampleRow.class).value().stream()
                        .map(body -> new Told(
                                body.sample(row.at()),
                                body.others().stream()
                                        .map(SampleRow.OtherRow::boat)
                                        .toList())))
                .toList();
    }
}
