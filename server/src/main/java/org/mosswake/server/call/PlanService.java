package org.mosswake.server.call;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.mosswake.server.call.CallMapper.PlanRow;
import org.mosswake.server.platform.http.StaleWrite;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Days as planned, one for each boat and date. */
@Service
class PlanService {
    private static final TypeReference<List<AnswerBody>> ANSWERS = new TypeReference<>() {};
    private final CallMapper plans;
    private final SpreadService spreads;
    private final JsonMapper json;

    PlanService(CallMapper plans, SpreadService spreads, JsonMapper json) {
        this.plans = plans;
        this.spreads = spreads;
        this.json = json;
    }

    @Transactional(readOnly = true)
    PlanBody plan(UUID vessel, LocalDate day) {
        spreads.requireBoat(vessel);
        PlanRow row = plans.plan(vessel, day);
        return row == null ? PlanBody.empty(day) : body(row);
    }

    @Transactional
    PlanBody save(UUID vessel, PlanBody body) {
        spreads.requireBoat(vessel);
        int changed = body.version() == 0
                ? plans.insertPlan(row(vessel, body, 1))
                : plans.updatePlan(row(vessel, body, body.version()));
        PlanBody kept = plan(vessel, body.day());
        if (changed == 0) {
            throw new StaleWrite("This plan", body, kept);
        }
        return kept;
    }

    private PlanBody body(PlanRow row) {
        return new PlanBody(
                row.day(),
                row.version(),
                json.readValue(row.conditions(), ANSWERS),
                row.runOutS() / 60,
                row.baitS() == null ? null : row.baitS() / 60,
                row.linesIn(),
                row.homeAt());
    }

    private PlanRow row(UUID vessel, PlanBody body, int version) {
        return new PlanRow(
                vessel,
                body.day(),
                version,
                json.writeValueAsString(body.answers()),
                60 * body.runOutMin(),
                body.catchBaitMin() == null ? null : Double.valueOf(60 * body.catchBaitMin()),
                body.linesIn(),
                body.homeAt());
    }
}
