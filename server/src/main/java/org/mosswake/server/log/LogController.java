package org.mosswake.server.log;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.deck.AfterDay;
import org.mosswake.core.log.Facet;
import org.mosswake.core.units.Figure;
import org.mosswake.server.platform.compute.Computing;
import org.mosswake.server.platform.wire.SentenceReply;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

@RestController
class LogController {
    private final LogService log;
    private final MoveService moves;
    private final Computing computing;

    LogController(LogService log, MoveService moves, Computing computing) {
        this.computing = computing;
        this.moves = moves;
        this.log = log;
    }

    /**
     * A slice of all days.
     *
     * @param where conditions that all hold: {@code FACET:text|text} of a choice, {@code FACET:from..to} in SI of a number
     * @param beside conditions of another slice that it is set beside; one that is empty stands for everything
     * @param day    whose week earlier years are asked about
     */
    @GetMapping("/api/boats/{boat}/log")
    YearsReply slice(
            @PathVariable UUID boat,
            @RequestParam(required = false) List<String> where,
            @RequestParam(required = false) List<String> beside,
            @RequestParam LocalDate day,
            HttpServletRequest request) {
        List<String> other = sent(request, "beside");
        return log.slice(boat, sent(request, "where"), beside == null ? null : other, day);
    }

    /** The same slice told apart two ways at once, and by position. */
    @GetMapping("/api/boats/{boat}/log/pictures")
    PicturesReply pictures(
            @PathVariable UUID boat, @RequestParam(required = false) List<String> where, HttpServletRequest request) {
        return log.pictures(boat, sent(request, "where"));
    }

    /**
     * What a day out has said until a moment.
     *
     * @param leftMin until she turns for home
     */
    @GetMapping("/api/boats/{boat}/trips/{trip}/advice")
    AdviceReply advice(
            @PathVariable UUID boat,
            @PathVariable UUID trip,
            @RequestParam Instant at,
            @RequestParam(defaultValue = "120") Double leftMin) {
        return log.advice(boat, trip, at, leftMin);
    }

    /** What the day suggests, solved and checked as a change of the spread that is fished. */
    @PostMapping("/api/boats/{boat}/trips/{trip}/moves")
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = MoveBody.MoveReply.class)))
    ResponseEntity<ResponseBodyEmitter> move(
            @PathVariable UUID boat, @PathVariable UUID trip, @RequestBody MoveBody body) {
        return computing.answer(moves.move(boat, trip, body));
    }

    /** @param gearId of a lure or bait that {@code gone} of went overboard or on a hook, and are in the box still */
    record UsedUp(UUID gearId, String name, int gone, boolean bait) {}

    /** @param key of the evening's count, in {@code kind}: metres or pieces */
    record TackleGone(String key, SentenceReply words, Figure.Kind kind, double amount) {}

    /**
     * @param tackle line and hooks that went with lures, not off the evening's count yet; {@code losses} are the strikes
     *               they went at
     * @param work   before the next day out, most needed first
     */
    record AfterReply(List<UsedUp> used, List<TackleGone> tackle, List<UUID> losses, List<SentenceReply> work) {}

    @GetMapping("/api/boats/{boat}/trips/{trip}/after")
    AfterReply after(@PathVariable UUID boat, @PathVariable UUID trip) {
        AfterDay after = log.after(boat, trip);
        return new AfterReply(
                after.used().stream()
                        .map(one -> new UsedUp(one.item().id(), one.item().name(), one.gone(), one.bait()))
                        .toList(),
                after.goods().stream()
                        .map(one -> new TackleGone(one.key(), SentenceReply.of(one.words()), one.kind(), one.amount()))
                        .toList(),
                after.gone(),
                SentenceReply.of(after.work()));
    }

    /** A line as it was told at a moment, or last; absent where nobody said. */
    record LoggedLine(
            UUID lineId,
            @Nullable String position,
            @Nullable String lure,
            @Nullable Double letOutM,
            @Nullable Double depthM,
            @Nullable Double paceMps) {}

    @GetMapping("/api/boats/{boat}/trips/{trip}/lines")
    List<LoggedLine> lines(
            @PathVariable UUID boat, @PathVariable UUID trip, @RequestParam(required = false) Instant at) {
        return log.lines(boat, trip, Optional.ofNullable(at)).entrySet().stream()
                .map(line -> new LoggedLine(
                        line.getKey(),
                        line.getValue().choices().get(Facet.POSITION),
                        line.getValue().choices().get(Facet.LURE),
                        line.getValue().numbers().get(Facet.LET_OUT),
                        line.getValue().numbers().get(Facet.DEPTH),
                        line.getValue().numbers().get(Facet.PACE)))
                .toList();
    }

    /** The strikes of a slice, the latest first, as a table that the notebook reads again. */
    @GetMapping(value = "/api/boats/{boat}/log/strikes.csv", produces = "text/csv")
    ResponseEntity<String> table(
            @PathVariable UUID boat, @RequestParam(required = false) List<String> where, HttpServletRequest request) {
        String[] sent = request.getParameterValues("where");
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header("Content-Disposition", "attachment; filename=\"moss-wake-strikes.csv\"")
                .body(log.table(boat, sent(request, "where")));
    }

    /** As they were sent: bound to a list, a single one is taken apart at its commas. */
    private static List<String> sent(HttpServletRequest request, String name) {
        String[] sent = request.getParameterValues(name);
        return sent == null
                ? List.of()
                : Arrays.stream(sent).filter(one -> !one.isEmpty()).toList();
    }
}
