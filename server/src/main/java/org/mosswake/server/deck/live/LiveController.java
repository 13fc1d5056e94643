package org.mosswake.server.deck.live;

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
class LiveController {
    private final LiveService live;
    private final Computing computing;

    LiveController(LiveService live, Computing computing) {
        this.live = live;
        this.computing = computing;
    }

    /** Where every lure is now; asked each second. What is asked is changed by nothing but time. */
    @PostMapping("/api/boats/{boat}/live")
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = LiveReply.class)))
    ResponseEntity<ResponseBodyEmitter> live(@PathVariable UUID boat, @RequestBody LiveBody body) {
        return computing.answer(live.live(boat, body));
    }
}
