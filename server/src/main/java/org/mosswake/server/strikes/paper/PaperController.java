package org.mosswake.server.strikes.paper;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PaperController {
    private final PaperService paper;

    PaperController(PaperService paper) {
        this.paper = paper;
    }

    @PostMapping("/api/boats/{boat}/paper")
    PaperBody.PaperReply read(@PathVariable UUID boat, @RequestBody PaperBody body) {
        return paper.read(boat, body);
    }
}
