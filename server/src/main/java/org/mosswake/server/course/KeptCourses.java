package org.mosswake.server.course;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.live.Sample;
import org.mosswake.server.course.CourseBody.SpotBody;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.platform.gpx.GpxWriter;
import org.mosswake.server.platform.json.Stored;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Courses that were taken along, one for each boat and day. */
@Service
public class KeptCourses {
    private static final String THIS = "This course";

    private final Documents documents;
    private final Stored stored;
    private final BoatService boats;

    KeptCourses(Documents documents, Stored stored, BoatService boats) {
        this.documents = documents;
        this.stored = stored;
        this.boats = boats;
    }

    record Content(@Nullable CourseBody asked, List<SpotBody> corners) {}

    @Transactional(readOnly = true)
    KeptCourseBody of(UUID vessel, LocalDate day) {
        boats.require(vessel);
        return course(day, documents.one(vessel, DocumentKind.COURSE, day.toString()));
    }

    @Write
    KeptCourseBody save(UUID vessel, KeptCourseBody course) {
        boats.require(vessel);
        LocalDate day = course.day();
        CourseBody asked = course.asked();
        var content = new Content(asked == null ? null : asked.withoutDraft(), course.corners());
        return course(
                day,
                Optional.of(documents.put(
                        vessel,
                        DocumentKind.COURSE,
                        new Documents.Change(THIS, day.toString(), course.version(), course),
                        content,
                        kept -> course(day, kept))));
    }

    @Write
    void remove(UUID vessel, LocalDate day, int version) {
        boats.require(vessel);
        documents.remove(
                vessel,
                DocumentKind.COURSE,
                new Documents.Change(THIS, day.toString(), version, Map.of("day", day)),
                kept -> course(day, kept));
    }

    /** To steer from one to the next; none of a day without a course. */
    @Transactional(readOnly = true)
    public List<Sample.Place> corners(UUID vessel, LocalDate day) {
        return of(vessel, day).corners().stream()
                .map(corner -> new Sample.Place(corner.latitudeDeg(), corner.longitudeDeg()))
                .toList();
    }

    private KeptCourseBody course(LocalDate day, Optional<Kept> kept) {
        // Each for itself: a question that is no longer taken is no reason to lose the way that was laid.
        Optional<CourseBody> asked = kept.map(one -> one.body().path("asked"))
                .filter(JsonNode::isObject)
                .flatMap(node -> stored.read(node, CourseBody.class).value());
        Optional<SpotBody[]> corners = kept.map(one -> one.body().path("corners"))
                .flatMap(node -> stored.read(node, SpotBody[].class).value());
        return new KeptCourseBody(
                day,
                kept.map(Kept::version).orElseGet(() -> 0),
                asked.orElse(null),
                corners.map(List::of).orElse(List.of()));
    }

    /** As a route: points that a plotter steers from one to the next. */
    @Transactional(readOnly = true)
    String gpx(UUID vessel, LocalDate day) {
        KeptCourseBody course = of(vessel, day);
        if (course.corners().isEmpty()) {
            throw FaultException.of(FaultCode.NOT_FOUND, "course", day.toString());
        }
        return GpxWriter.file(gpx -> gpx.route("Course " + day, route -> {
            int number = 1;
            for (SpotBody corner : course.corners()) {
                route.routePoint(corner.latitudeDeg(), corner.longitudeDeg(), "%03d".formatted(number++));
            }
        }));
    }
}
