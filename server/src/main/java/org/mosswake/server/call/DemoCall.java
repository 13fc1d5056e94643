package org.mosswake.server.call;

import java.time.LocalDate;
import java.util.List;
import org.mosswake.core.call.Topic;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.sim.Almanac;
import org.mosswake.core.units.SpeedUnit;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** An invented evening's knowledge for each boat, and invented tables: no real place has these rules. */
@Component
class DemoCall implements DemoPart {
    private static final LocalDate DAY = LocalDate.of(2026, 6, 18);
    private static final LocalDate LOOKED_UP = LocalDate.of(2026, 6, 2);

    private final PlanService plans;
    private final RulesService rules;

    DemoCall(PlanService plans, RulesService rules) {
        this.plans = plans;
        this.rules = rules;
    }

    @Override
    public int order() {
        return 5;
    }

    @Override
    public void load() {
        plans.save(
                DemoIds.QUIET_LEDGER,
                new PlanBody(
                        DAY,
                        0,
                        List.of(
                                answer(Topic.TARGET, "MAHI", "TUNA", null, null),
                                answer(Topic.SURFACE, null, null, 24.6, null),
                                answer(Topic.STEP, null, null, 0.7, null),
                                answer(Topic.CLARITY, "EDGE", null, null, null),
                                answer(Topic.WEED, "SCATTERED", null, null, null),
                                answer(Topic.SKY, "CLEAR", null, null, null),
                                answer(Topic.SEA, "SLIGHT", null, null, null),
                                answer(Topic.CREW, null, null, 3.0, null),
                                answer(Topic.BAG, null, null, 7.0, null)),
                        75.0,
                        null,
                        null,
                        null,
                        null));
        plans.save(
                DemoIds.SPRAT,
                new PlanBody(
                        DAY,
                        0,
                        List.of(
                                answer(Topic.TARGET, "COHO", null, null, null),
                                answer(Topic.SURFACE, null, null, 12.1, null),
                                answer(Topic.DEPTH, null, null, 48.0, null),
                                answer(Topic.BAIT, "LAYER", null, 17.0, 22.0),
                                answer(Topic.SKY, "OVERCAST", null, null, null),
                                answer(Topic.CREW, null, null, 1.0, null),
                                answer(Topic.BAG, null, null, 2.0, null),
                                answer(Topic.STREAM, null, null, SpeedUnit.KNOT.toSi(0.8), null)),
                        25.0,
                        null,
                        null,
                        null,
                        null));
        Almanac.plans()
                .forEach((day, known) -> plans.save(
                        DemoIds.SLOW_ALMANAC,
                        new PlanBody(day, 0, AnswerBody.of(known), 60.0, null, null, null, null)));
        rule(Species.MAHI, null, null, 10, 0.5, false);
        rule(Species.TUNA, null, null, 5, null, false);
        rule(Species.KING, "04-01", "11-30", 3, 0.6, false);
        rules.save(DemoIds.SPRAT, entry(Species.COHO, "06-01", "10-15", 2, null, true));
        rules.save(DemoIds.SPRAT, entry(Species.STRIPED_BASS, "05-15", "11-30", 1, 0.71, false));
    }

    private void rule(Species species, String from, String to, int bag, Double leastM, boolean barbless) {
        rules.save(DemoIds.QUIET_LEDGER, entry(species, from, to, bag, leastM, barbless));
    }

    private static RuleBody entry(Species species, String from, String to, int bag, Double leastM, boolean barbless) {
        return new RuleBody(
                species, 0, LOOKED_UP, from, to, bag, leastM, null, barbless, null, "invented, for the demo");
    }

    private static AnswerBody answer(Topic topic, String choice, String second, Double value, Double other) {
        return new AnswerBody(topic, choice, second == null ? null : List.of(second), null, value, other, null);
    }
}
