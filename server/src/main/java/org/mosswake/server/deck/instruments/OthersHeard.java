package org.mosswake.server.deck.instruments;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.deck.Contact;
import org.mosswake.core.deck.Gauge;
import org.mosswake.core.deck.Instruments;
import org.mosswake.core.live.LocalPlane;
import org.mosswake.core.live.OtherBoat;
import org.mosswake.core.live.Sample;

/** Other boats that instruments tell of, placed on the earth. */
final class OthersHeard {
    /** More than any sea has about one boat: what is beyond it is not heard. */
    private static final int MOST = 200;

    private final Map<String, String> names = new HashMap<>();
    private final Map<String, OtherBoat> boats = new HashMap<>();

    /** @param shown what her own instruments tell, for a boat that is told of by distance and bearing */
    void hear(Contact contact, Map<Gauge, Instruments.Shown> shown, Instant now) {
        if (names.size() < MOST) {
            contact.name().ifPresent(name -> names.put(contact.id(), name));
        }
        Optional<Sample.Place> place = contact.place()
                .map(one -> new Sample.Place(one.latitudeDeg(), one.longitudeDeg()))
                .or(() -> contact.from().flatMap(from -> placed(from, shown)));
        if (place.isEmpty() || contact.mps().isEmpty() || contact.courseDeg().isEmpty()) {
            return;
        }
        if (boats.size() < MOST || boats.containsKey(contact.id())) {
            String name = names.getOrDefault(contact.id(), contact.id());
            boats.put(
                    contact.id(),
                    new OtherBoat(
                            contact.id(),
                            name,
                            now,
                            place.get(),
                            contact.mps().get(),
                            contact.courseDeg().get()));
        }
    }

    private static Optional<Sample.Place> placed(Contact.From from, Map<Gauge, Instruments.Shown> shown) {
        var position = shown.get(Gauge.POSITION);
        var heading = shown.get(Gauge.HEADING);
        if (position == null || from.relative() && heading == null) {
            return Optional.empty();
        }
        double bow = from.relative() ? heading.reading().value() : 0;
        double bearing = Math.toRadians(from.bearingDeg() + bow);
        var here = new Sample.Place(
                position.reading().value(), position.reading().second().orElseThrow());
        return Optional.of(
                new LocalPlane(here).onEarth(from.metres() * Math.cos(bearing), from.metres() * Math.sin(bearing)));
    }

    /** Told of since a moment; those of before are forgotten. */
    List<OtherBoat> since(Instant moment) {
        List<OtherBoat> fresh = boats.values().stream()
                .filter(boat -> boat.at().isAfter(moment))
                .toList();
        boats.clear();
        return fresh;
    }
}
