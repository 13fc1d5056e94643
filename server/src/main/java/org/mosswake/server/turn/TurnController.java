package org.mosswake.server.turn;

import org.mosswake.core.turn.CircleSolver;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TurnController {
    private final CircleSolver solver = new CircleSolver();

    @PostMapping("/api/turn/circle")
    CircleReply circle(@RequestBody CircleRequest request) {
        return CircleReply.of(solver.solve(request.toCore()));
    }
}
