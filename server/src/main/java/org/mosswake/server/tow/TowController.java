package org.mosswake.server.tow;

import org.mosswake.core.tow.TowSolver;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TowController {
    private final TowSolver solver = new TowSolver();

    @PostMapping("/api/tow")
    TowReply tow(@RequestBody TowRequest request) {
        return TowReply.of(solver.solve(request.toCore()));
    }
}
