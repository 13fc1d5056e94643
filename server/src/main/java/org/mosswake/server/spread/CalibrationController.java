package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/boats/{boat}/calibrations")
class CalibrationController {
    private final CalibrationService calibrations;

    CalibrationController(CalibrationService calibrations) {
        this.calibrations = calibrations;
    }

    @GetMapping
    List<CalibrationReply> all(@PathVariable UUID boat) {
        return calibrations.all(boat);
    }

    /** The fit without keeping it. */
    @PostMapping("/attempt")
    CalibrationReply attempt(@PathVariable UUID boat, @RequestBody CalibrationBody body) {
        return calibrations.attempt(boat, body);
    }

    @PutMapping("/{calibration}")
    CalibrationReply keep(@PathVariable UUID boat, @PathVariable UUID calibration, @RequestBody CalibrationBody body) {
        return calibrations.keep(boat, calibration, body);
    }

    @PostMapping("/{calibration}/take-back")
    CalibrationReply takeBack(@PathVariable UUID boat, @PathVariable UUID calibration) {
        return calibrations.takeBack(boat, calibration);
    }
}
