package org.mosswake.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.call.Topic.Forage;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.gear.Shade;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.playbook.Slot.Place;
import org.mosswake.core.playbook.Slot.Tied;

class LureChoiceTest {
    private static final double TROLL = Days.knots(7.5);
    private static final Holder STARBOARD = Days.holder("s", HolderKind.RIGGER, 0, 5, 4);
    private static final Holder PORT = Days.holder("p", HolderKind.RIGGER, 0, -5, 4);
    private static final Holder MIDDLE = Days.holder("c", HolderKind.CENTRE, 0, 0, 4);

    private static Slot slot(LureKind... kinds) {
        return Slot.of("test", Place.OUTER, Slot.letOut(30, 50), Tied.PLAIN, kinds);
    }

    private static Box box(Box.Lure... lures) {
        return new Box(List.of(lures), Days.lines(), List.of());
    }

    private static LureChoice choice(Box box, PlaybookId id, Conditions conditions) {
        Situation s = Days.withBox(Days.large(Light.MORNING, conditions), box);
        return new LureChoice(s, s.numbers().playbook(id), new Tying(box, s.schools(), new LinkedHashSet<>()));
    }

    private static String name(LureChoice choice, Slot slot, Holder holder) {
        return choice.pick(slot, holder, TROLL).orElseThrow().item().name();
    }

    @ParameterizedTest
    @CsvSource({
        "pink, ATTRACTOR, LIGHT",
        "olive, IMITATOR, NEUTRAL",
        "black and purple, ATTRACTOR, DARK",
        "silver, IMITATOR, LIGHT",
        "Chartreuse, ATTRACTOR, LIGHT",
        "brown, IMITATOR, DARK",
        "as caught, IMITATOR, NEUTRAL"
    })
    void coloursAreReadByTheirWords(String colour, ColourRole role, Shade shade) {
        assertThat(ColourRole.guess(colour)).isEqualTo(role);
        assertThat(Shade.guess(colour)).isEqualTo(shade);
    }

    @Test
    void theBetterKindComesFirstWhenNothingElseSpeaks() {
        Box box =
                box(Days.lure(LureKind.BULLET_SKIRT, "olive", 0.18, 1), Days.lure(LureKind.FEATHER, "olive", 0.18, 1));
        assertThat(name(
                        choice(box, PlaybookId.MIXED, Conditions.NOTHING),
                        slot(LureKind.FEATHER, LureKind.BULLET_SKIRT),
                        PORT))
                .contains("FEATHER");
    }

    @Test
    void theSizeOfTheForageOutweighsTheKind() {
        Box box = box(Days.lure(LureKind.BULLET_SKIRT, "olive", 0.3, 1), Days.lure(LureKind.FEATHER, "olive", 0.08, 1));
        var grown = Conditions.NOTHING.with(Topic.FORAGE, Answer.choice(Forage.FOREARM));
        assertThat(name(choice(box, PlaybookId.MIXED, grown), slot(LureKind.FEATHER, LureKind.BULLET_SKIRT), PORT))
                .contains("BULLET_SKIRT");
    }

    @Test
    void aLureThatDoesNotWorkAtTheSpeedIsLeft() {
        Box box = box(Days.lure(LureKind.FLUTTER_SPOON, "silver", 0.2, 3));
        assertThat(choice(box, PlaybookId.MIXED, Conditions.NOTHING).pick(slot(LureKind.FLUTTER_SPOON), PORT, TROLL))
                .isEmpty();
        assertThat(choice(box, PlaybookId.SPOONS, Conditions.NOTHING)
                        .pick(slot(LureKind.FLUTTER_SPOON), PORT, Days.knots(3)))
                .isPresent();
    }

    @Test
    void noMoreAreTakenThanAreAboard() {
        LureChoice choice =
                choice(box(Days.lure(LureKind.FEATHER, "pink", 0.1, 1)), PlaybookId.MIXED, Conditions.NOTHING);
        Box.Lure only = choice.pick(slot(LureKind.FEATHER), PORT, TROLL).orElseThrow();
        choice.took(only);
        assertThat(choice.pick(slot(LureKind.FEATHER), STARBOARD, TROLL)).isEmpty();
    }

    @Test
    void rolesComeHalfAndHalf() {
        var lures = new ArrayList<Box.Lure>();
        for (String colour : List.of("olive", "blue", "pink", "orange")) {
            lures.add(Days.lure(LureKind.FEATHER, colour, 0.12, 3));
        }
        LureChoice choice = choice(new Box(lures, Days.lines(), List.of()), PlaybookId.MIXED, Conditions.NOTHING);
        var taken = new ArrayList<Box.Lure>();
        for (int i = 0; i < 6; i++) {
            Box.Lure lure = choice.pick(slot(LureKind.FEATHER), i % 2 == 0 ? STARBOARD : PORT, TROLL)
                    .orElseThrow();
            choice.took(lure);
            taken.add(lure);
        }
        assertThat(LureChoice.balanced(taken)).as(taken.toString()).isTrue();
    }

    @Test
    void aLadderIsDarkOnOneSideLightOnTheOtherNeutralBetween() {
        Box box = box(
                Days.lure(LureKind.FAST_BULLET, "black and red", 0.3, 1),
                Days.lure(LureKind.FAST_BULLET, "white and silver", 0.3, 1),
                Days.lure(LureKind.FAST_BULLET, "blue and grey", 0.3, 1));
        for (Holder holder : List.of(STARBOARD, PORT, MIDDLE)) {
            Shade wanted = holder == MIDDLE ? Shade.NEUTRAL : holder == PORT ? Shade.DARK : Shade.LIGHT;
            Situation s = Days.withBox(Days.large(Light.FIRST_LIGHT, Conditions.NOTHING), box);
            var choice = new LureChoice(
                    s, s.numbers().playbook(PlaybookId.LADDER), new Tying(box, s.schools(), new LinkedHashSet<>()));
            assertThat(choice.pick(slot(LureKind.FAST_BULLET), holder, Days.knots(14))
                            .orElseThrow()
                            .shade())
                    .isEqualTo(wanted);
        }
    }

    @Test
    void aBarSteersAwayFromTheBoat() {
        Box box = box(Days.lure(LureKind.STEERING_BAR, "green", 0.9, 2));
        LureChoice choice = choice(box, PlaybookId.BARS, Conditions.NOTHING);
        assertThat(choice.pick(slot(LureKind.STEERING_BAR), STARBOARD, Days.knots(5)))
                .isPresent();
        assertThat(choice.pick(slot(LureKind.STEERING_BAR), PORT, Days.knots(5)))
                .isEmpty();
    }

    @Test
    void smallAndFastWantsSmallWithoutBeingTold() {
        Situation s = Days.large(Light.MORNING, Conditions.NOTHING);
        assertThat(LureChoice.forageM(s, s.numbers().playbook(PlaybookId.SMALL_FAST)))
                .hasValue(0.1);
        assertThat(LureChoice.forageM(s, s.numbers().playbook(PlaybookId.MIXED)))
                .isEmpty();
    }
}
