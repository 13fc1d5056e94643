package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BoatController {
    private final BoatService boats;

    BoatController(BoatService boats) {
        this.boats = boats;
    }

    @GetMapping("/api/boats")
    List<BoatBody> boats() {
        return boats.all();
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
