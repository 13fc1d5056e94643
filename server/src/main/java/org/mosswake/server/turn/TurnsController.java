package org.mosswake.server.turn;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.UUID;
import org.mosswake.server.platform.compute.Computing;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

@RestController
class TurnsController {
    private static final String JSON = MediaType.APPLICATION_JSON_VALUE;

    private final TurnsService turns;
    private final Computing computing;

    TurnsController(TurnsService turns, Computing computing) {
        this.turns = turns;
        this.computing = computing;
    }

    @PostMapping("/api/boats/{boat}/turns")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = JSON, schema = @Schema(implementation = TurnsReply.class)))
    ResponseEntity<ResponseBodyEmitter> turns(@PathVariable UUID boat, @RequestBody TurnsBody body) {
        return computing.answer(turns.turns(boat, body));
    }

    @PostMapping("/api/boats/{boat}/turns/mend")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = JSON, schema = @Schema(implementation = TurnsReply.MendsReply.class)))
    ResponseEntity<ResponseBodyEmitter> mend(@PathVariable UUID boat, @RequestBody TurnsBody body) {
        return computing.answer(turns.mend(boat, body));
    }

    @PostMapping("/api/boats/{boat}/turns/round")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = JSON, schema = @Schema(implementation = TurnsReply.RoundReply.class)))
    ResponseEntity<ResponseBodyEmitter> round(@PathVariable UUID boat, @RequestBody TurnsBody body) {
        return computing.answer(turns.round(boat, body));
    }

    @PostMapping("/api/boats/{boat}/turns/helm")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = JSON, schema = @Schema(implementation = TurnsReply.HelmReply.class)))
    ResponseEntity<ResponseBodyEmitter> helm(@PathVariable UUID boat, @RequestBody TurnsBody.HelmBody body) {
        return computing.answer(turns.helm(boat, body));
    }
}
