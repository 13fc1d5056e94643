package org.mosswake.server.weights;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WeightsController {
    private final WeightsService weights;

    WeightsController(WeightsService weights) {
        this.weights = weights;
    }

    /** What the days say now, beside what is used. */
    @GetMapping("/api/boats/{boat}/weights")
    WeightsReply weights(@PathVariable UUID boat) {
        return weights.weights(boat);
    }

    @PutMapping("/api/boats/{boat}/weights")
    WeightsReply set(@PathVariable UUID boat, @RequestBody WeightsBody body) {
        weights.set(boat, body);
        return weights.weights(boat);
    }
}
