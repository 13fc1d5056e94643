package org.mosswake.server.water.sounder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.water.sounder.MarkCan;
import org.mosswake.core.water.sounder.Reach;
import org.mosswake.core.water.sounder.Sounder;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.spread.SpreadAssembler;
import org.mosswake.server.water.sounder.SounderReply.LureReach;
import org.springframework.stereotype.Service;

/** Traces read back, and the lures that come after what made them. */
@Service
class SounderService {
    private final SpreadAssembler assembler;
    private final BoatService boats;
    private final SpreadSolver solver = new SpreadSolver();

    SounderService(SpreadAssembler assembler, BoatService boats) {
        this.assembler = assembler;
        this.boats = boats;
    }

    SounderReply read(UUID vessel, SounderBody body) {
        boats.require(vessel);
        Sounder sounder = body.sounder();
        double mps = body.overGroundMps();
        SounderReply.TraceCan can = body.columns() == null || body.heightM() == null
                ? null
                : SounderReply.TraceCan.of(
                        MarkCan.of(sounder, body.columns(), body.heightM(), body.depthM(), mps),
                        sounder.shape(body.columns(), mps));
        return new SounderReply(
                sounder.footprintM(body.depthM()),
                SounderReply.FishTrace.of(sounder, body.depthM(), mps),
                can,
                body.draft() == null ? List.of() : lures(assembler.assemble(vessel, body.draft()), body));
    }

    private List<LureReach> lures(Spread spread, SounderBody body) {
        double across = body.acrossMps() == null ? 0 : body.acrossMps();
        var all = new ArrayList<LureReach>();
        for (SolvedLine line : solver.solve(spread).lines()) {
            double astern = line.lureAsternM().orElse(Double.NaN);
            line.shape()
                    .ifPresent(shape -> all.add(LureReach.of(
                            line.line().id(),
                            line.label(),
                            astern,
                            shape.depthM(),
                            Reach.of(astern, body.throughMps(), body.overGroundMps(), across))));
        }
        all.sort(Comparator.comparingDouble(LureReach::asternM));
        return all;
    }
}
