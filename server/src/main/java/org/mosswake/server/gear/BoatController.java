package org.mosswake.server.gear;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.http.Paged;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BoatController {
    private final BoatService boats;

    BoatController(BoatService boats) {
        this.boats = boats;
    }

    /** The largest first. */
    @GetMapping("/api/boats")
    ResponseEntity<List<BoatTitle>> boats(
            @RequestParam(defaultValue = "0") Integer from, @RequestParam(defaultValue = Paged.USUAL) Integer count) {
        return Paged.of(from, count, boats.count(), boats::titles);
    }

    @GetMapping("/api/boats/{boat}")
    BoatBody boat(@PathVariable UUID boat) {
        return boats.boat(boat);
    }

    @PutMapping("/api/boats/{boat}")
    BoatBody save(@PathVariable UUID boat, @RequestBody BoatBody body) {
        if (!boat.equals(body.boatId())) {
            throw FaultException.of(
                    FaultCode.NOT_ONE_OF, "boatId", body.boatId().toString(), "the boat in the address");
        }
        return boats.save(body);
    }
}
