package org.mosswake.server.water;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RunningController {
    private final RunningService running;

    RunningController(RunningService running) {
        this.running = running;
    }

    @GetMapping("/api/boats/{boat}/running")
    RunningBody of(@PathVariable UUID boat) {
        return running.of(boat);
    }

    @PutMapping("/api/boats/{boat}/running")
    RunningBody save(@PathVariable UUID boat, @RequestBody RunningBody body) {
        return running.save(boat, body);
    }
}
