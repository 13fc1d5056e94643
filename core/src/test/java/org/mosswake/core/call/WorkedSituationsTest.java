package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Topic.Bait;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.call.Topic.Clarity;
import org.mosswake.core.call.Topic.Floating;
import org.mosswake.core.call.Topic.Forage;
import org.mosswake.core.call.Topic.Sea;
import org.mosswake.core.call.Topic.Sky;
import org.mosswake.core.call.Topic.Structure;
import org.mosswake.core.call.Topic.Weed;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Species;

/** Invented days, each with the method a practitioner would take and the reason that weighs most beside the target. */
class WorkedSituationsTest {
    private record Worked(String day, Situation s, PlaybookId takes, String because) {
        @Override
        public String toString() {
            return day;
        }
    }

    private static Conditions target(Species first) {
        return Conditions.NOTHING.with(Topic.TARGET, Answer.choice(first));
    }

    private static Conditions water(Species first, double surfaceC, double depthM, Structure structure) {
        return target(first)
                .with(Topic.SURFACE, Answer.number(surfaceC))
                .with(Topic.DEPTH, Answer.number(depthM))
                .with(Topic.STRUCTURE, Answer.choice(structure));
    }

    static Stream<Worked> situations() {
        return Stream.of(
                new Worked(
                        "wahoo, first light on the ledge, three aboard",
                        Days.large(
                                Light.FIRST_LIGHT,
                                water(Species.WAHOO, 25.5, 60, Structure.LEDGE)
                                        .with(Topic.STEP, Answer.number(0.7))
                                        .with(Topic.CLARITY, Answer.choice(Clarity.EDGE))
                                        .with(Topic.CREW, Answer.number(3))
                                        .with(Topic.SEA, Answer.choice(Sea.SLIGHT))),
                        PlaybookId.LADDER,
                        "STEP_SHARP"),
                new Worked(
                        "wahoo, late morning, dead bait brined",
                        Days.large(
                                Light.MIDDAY,
                                water(Species.WAHOO, 25.5, 55, Structure.LEDGE)
                                        .with(Topic.STEP, Answer.number(0.6))
                                        .with(Topic.DEAD_BAIT, Answer.number(10))
                                        .with(Topic.CREW, Answer.number(3))),
                        PlaybookId.TOOTHY,
                        "STEP_SHARP"),
                new Worked(
                        "mahi, weed line far out",
                        Days.large(
                                Light.MORNING,
                                water(Species.MAHI, 26, 300, Structure.FLAT)
                                        .with(Topic.FLOATING, Answer.choice(Floating.LINE))
                                        .with(Topic.WEED, Answer.choice(Weed.SCATTERED))
                                        .with(Topic.CLARITY, Answer.choice(Clarity.EDGE))
                                        .with(Topic.CREW, Answer.number(3))),
                        PlaybookId.MIXED,
                        "FLOATING_LINE"),
                new Worked(
                        "small tuna, tiny bait, birds up, clear water",
                        Days.large(
                                Light.MORNING,
                                water(Species.TUNA, 24.5, 110, Structure.LEDGE)
                                        .with(Topic.CLARITY, Answer.choice(Clarity.BLUE))
                                        .with(Topic.BIRDS, Answer.choice(Birds.SITTING))
                                        .with(Topic.FORAGE, Answer.choice(Forage.FINGERLING))
                                        .with(Topic.WEED, Answer.choice(Weed.NONE))
                                        .with(Topic.CREW, Answer.number(3))),
                        PlaybookId.SMALL_FAST,
                        "FORAGE_FINGERLING"),
                new Worked(
                        "small tuna over a hump at midday",
                        Days.large(
                                Light.MIDDAY,
                                water(Species.TUNA, 25, 90, Structure.HUMP)
                                        .with(Topic.STREAM, Answer.number(Days.knots(0.8)))
                                        .with(Topic.BIRDS, Answer.choice(Birds.NONE))
                                        .with(Topic.CREW, Answer.number(2))),
                        PlaybookId.EELS,
                        "STRUCTURE_HUMP"),
                new Worked(
                        "mahi or tuna, a flock moving one way",
                        Days.large(
                                Light.AFTERNOON,
                                Conditions.NOTHING
                                        .with(Topic.TARGET, Answer.targets(Species.MAHI, Species.TUNA))
                                        .with(Topic.SURFACE, Answer.number(26))
                                        .with(Topic.BIRDS, Answer.birds(Birds.TRAVELLING, 120))
                                        .with(Topic.CREW, Answer.number(2))),
                        PlaybookId.BIRDS,
                        "BIRDS_TRAVELLING"),
                new Worked(
                        "school bluefin in cool green water",
                        Days.large(
                                Light.MORNING,
                                water(Species.SCHOOL_BLUEFIN, 17.5, 40, Structure.FLAT)
                                        .with(Topic.BIRDS, Answer.birds(Birds.DIVING, 60))
                                        .with(Topic.CREW, Answer.number(3))),
                        PlaybookId.BARS,
                        "SURFACE_IN"),
                new Worked(
                        "sailfish along the reef, alone",
                        Days.large(
                                Light.MORNING,
                                water(Species.SAILFISH, 27, 25, Structure.REEF).with(Topic.CREW, Answer.number(1))),
                        PlaybookId.LIGHT_JIG,
                        "SURFACE_IN"),
                new Worked(
                        "king over a wreck, live bait in the well",
                        Days.large(
                                Light.MORNING,
                                water(Species.KING, 25, 25, Structure.WRECK)
                                        .with(Topic.LIVE_BAIT, Answer.number(14))
                                        .with(Topic.FORAGE, Answer.choice(Forage.FOREARM))
                                        .with(Topic.CREW, Answer.number(3))),
                        PlaybookId.LIVE_SLOW,
                        "LIVE_ENOUGH"),
                new Worked(
                        "king, no live bait, midday at new moon",
                        new Situation(
                                Days.JUNE,
                                new Moment(Days.at(Light.MIDDAY).at(), Light.MIDDAY, java.util.Optional.empty(), true),
                                water(Species.KING, 25, 28, Structure.WRECK)
                                        .with(Topic.LIVE_BAIT, Answer.number(0))
                                        .with(Topic.DEAD_BAIT, Answer.number(12))
                                        .with(Topic.CREW, Answer.number(2)),
                                Days.ledger(Days.warmBox()),
                                Schools.USUAL,
                                java.util.List.of(),
                                Numbers.USUAL),
                        PlaybookId.DEAD_SLOW,
                        "DEAD_SOME"),
                new Worked(
                        "striped bass in a rip, stream running",
                        Days.small(
                                Light.DUSK,
                                water(Species.STRIPED_BASS, 15, 8, Structure.RIP)
                                        .with(Topic.STREAM, Answer.number(Days.knots(1.8)))
                                        .with(Topic.CREW, Answer.number(2))),
                        PlaybookId.WIRE_JIG,
                        "STRUCTURE_RIP"),
                new Worked(
                        "striped bass deep, over a wreck",
                        Days.small(
                                Light.MIDDAY,
                                water(Species.STRIPED_BASS, 16, 30, Structure.WRECK)
                                        .with(Topic.BAIT, Answer.layer(20, 26))
                                        .with(Topic.STREAM, Answer.number(Days.knots(0.8)))
                                        .with(Topic.CREW, Answer.number(1))),
                        PlaybookId.TANDEM,
                        "SURFACE_IN"),
                new Worked(
                        "striped bass on grown bait, even shallow bottom",
                        Days.small(
                                Light.FIRST_LIGHT,
                                water(Species.STRIPED_BASS, 14, 12, Structure.FLAT)
                                        .with(Topic.FORAGE, Answer.choice(Forage.FOREARM))
                                        .with(Topic.CREW, Answer.number(2))),
                        PlaybookId.SPOONS,
                        "FORAGE_FOREARM"),
                new Worked(
                        "chinook in the narrows with the stream",
                        Days.small(
                                Light.FIRST_LIGHT,
                                water(Species.CHINOOK, 11, 8, Structure.NARROWS)
                                        .with(Topic.STREAM, Answer.number(Days.knots(1.2)))
                                        .with(Topic.DEAD_BAIT, Answer.number(12))
                                        .with(Topic.CREW, Answer.number(2))),
                        PlaybookId.PLUG_CUT,
                        "DEAD_SOME"),
                new Worked(
                        "coho at first light, overcast",
                        Days.small(
                                Light.FIRST_LIGHT,
                                water(Species.COHO, 12, 60, Structure.FLAT)
                                        .with(Topic.SKY, Answer.choice(Sky.OVERCAST))
                                        .with(Topic.BAIT, Answer.layer(12, 18))
                                        .with(Topic.CREW, Answer.number(2))),
                        PlaybookId.FLASH_SQUID,
                        "LIGHT_FIRST_LIGHT"),
                new Worked(
                        "chinook off a river mouth under fresh water",
                        Days.small(
                                Light.MIDDAY,
                                water(Species.CHINOOK, 11.5, 55, Structure.RIVER_MOUTH)
                                        .with(Topic.FRESH, Answer.number(5))
                                        .with(Topic.BAIT, Answer.choice(Bait.NONE))
                                        .with(Topic.CREW, Answer.number(2))),
                        PlaybookId.FLASH_FLY,
                        "STRUCTURE_RIVER_MOUTH"));
    }

    @ParameterizedTest
    @MethodSource("situations")
    void takesWhatAPractitionerWould(Worked worked) {
        Ranking ranking = Ranking.of(worked.s());
        String all = ranking.scores().stream()
                .limit(4)
                .map(score -> score.playbook().id() + " " + score.tenths() + " " + score.reasons())
                .reduce("", (a, b) -> a + "\n" + b);
        assertThat(ranking.first().playbook().id()).as(all).isEqualTo(worked.takes());
        var heaviest = ranking.first().reasons().stream()
                .filter(reason -> reason.topic() != Topic.TARGET && reason.tenths() > 0)
                .limit(4)
                .map(Reason::rule)
                .toList();
        assertThat(heaviest).as(all).contains(worked.because());
    }
}
