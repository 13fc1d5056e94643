package org.mosswake.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.mosswake.core.sim.InventedWater;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.water.Beginning.Reason;
import org.mosswake.core.water.Beginning.Rule;

class BeginningsTest {
    private static final Spot HOME = new Spot(27.6, -47.3);
    private static final Wanted MAHI = new Wanted("mahi", 21, 24, 28, 30.5);
    private static final double REACH_M = 25 * 1852;
    private static final List<Grid> ALL = InventedWater.of(InventedWater.Coast.WARM, LocalDate.of(2026, 6, 18), 4);

    private static Beginnings.Found found(List<Grid> grids, Wanted wanted, List<Spot> struck, String at) {
        return Beginnings.of(
                new Beginnings.Ask(
                        new Waters(grids), Optional.of(wanted), HOME, REACH_M, Instant.parse(at), Optional.of(struck)),
                3);
    }

    private static Beginnings.Found found(List<Grid> grids) {
        return found(grids, MAHI, List.of(), "2026-06-18T08:00:00Z");
    }

    private static List<Grid> without(Predicate<Grid> which) {
        return ALL.stream().filter(which.negate()).toList();
    }

    private static String said(List<Sentence> sentences) {
        return String.join(" ", sentences.stream().map(Sentence::text).toList());
    }

    private static List<Rule> rules(Beginning place) {
        return place.reasons().stream().map(Reason::rule).toList();
    }

    @Test
    void reasonsAddUpAndPlacesStandApartWithinReach() {
        List<Beginning> places = found(ALL).places();
        assertThat(places).hasSize(3);
        assertThat(places).extracting(Beginning::tenths).isSortedAccordingTo(Collections.reverseOrder());
        for (Beginning place : places) {
            assertThat(place.reasons().stream().mapToInt(Reason::tenths).sum()).isEqualTo(place.tenths());
            assertThat(HOME.toM(place.spot())).isLessThanOrEqualTo(REACH_M);
            assertThat(places.stream().filter(other -> other != place))
                    .allSatisfy(
                            other -> assertThat(other.spot().toM(place.spot())).isGreaterThan(3 * 1800));
        }
    }

    /** An edge over structure is the first choice; without the depth the same edge is worth less. */
    @Test
    void anEdgeOverTheLedgeLeads() {
        Beginning first = found(ALL).places().get(0);
        assertThat(rules(first)).contains(Rule.STEP, Rule.STRUCTURE, Rule.OVER_STRUCTURE);
        Beginnings.Found blind = found(without(grid -> grid.kind() == Grid.Kind.DEPTH));
        assertThat(blind.places().get(0).tenths()).isLessThan(first.tenths());
        assertThat(said(blind.lacking())).contains("Depth is not known");
    }

    @Test
    void whatIsNotKnownIsSaidAndAddsNothing() {
        Beginnings.Found none = found(List.of());
        assertThat(none.places()).isEmpty();
        assertThat(said(none.lacking())).contains("No temperature", "Colour is not known", "Depth is not known");
        Beginnings.Found deep = found(without(grid -> grid.kind() == Grid.Kind.TEMPERATURE));
        assertThat(deep.places())
                .isNotEmpty()
                .allSatisfy(place -> assertThat(rules(place)).doesNotContain(Rule.STEP, Rule.HELD, Rule.WARMTH));
        assertThat(deep.places()).extracting(Beginning::title).containsAnyOf("Hump", "Ledge");
    }

    @Test
    void aPictureOfAnotherSeaIsSaidToBeOne() {
        Beginnings.Found far = Beginnings.of(
                new Beginnings.Ask(
                        new Waters(ALL),
                        Optional.of(MAHI),
                        new Spot(10, -20),
                        REACH_M,
                        Instant.parse("2026-06-18T08:00:00Z"),
                        Optional.empty()),
                3);
        assertThat(far.places()).isEmpty();
        assertThat(said(far.lacking())).contains("it is of another sea", "no strikes with a place");
        assertThat(said(found(ALL).lacking())).doesNotContain("another sea");
    }

    @Test
    void ownStrikesAndDaysThatItHeldAdd() {
        Spot first = found(ALL).places().get(0).spot();
        var struck = new ArrayList<>(Collections.nCopies(4, first.on(1, 900)));
        struck.add(first.on(2, 9000));
        Beginning with =
                found(ALL, MAHI, struck, "2026-06-18T08:00:00Z").places().get(0);
        assertThat(with.reasons())
                .filteredOn(reason -> reason.rule() == Rule.STRIKES)
                .singleElement()
                .satisfies(reason -> assertThat(reason.tenths()).isEqualTo(8));
        List<Grid> today = without(grid -> grid.at()
                .filter(at -> at.isBefore(Instant.parse("2026-06-17T00:00:00Z")))
                .isPresent());
        assertThat(found(today).places())
                .noneSatisfy(place -> assertThat(rules(place)).contains(Rule.HELD));
        assertThat(said(found(today).lacking())).contains("No earlier day");
    }

    @Test
    void waterThatIsTooColdAndAnOldPictureSpeakAgainstIt() {
        var hot = new Wanted("sailfish", 30, 31, 33, 34);
        assertThat(found(ALL, hot, List.of(), "2026-06-18T08:00:00Z").places())
                .allSatisfy(place -> assertThat(place.reasons())
                        .anySatisfy(reason -> assertThat(reason.says().text()).contains("too cold for sailfish")));
        int fresh = found(ALL).places().get(0).tenths();
        Beginning old =
                found(ALL, MAHI, List.of(), "2026-06-20T22:00:00Z").places().get(0);
        assertThat(rules(old)).contains(Rule.OLD);
        assertThat(old.tenths()).isLessThan(fresh);
    }

    @Test
    void theSeaOfADayIsTheSameOnEveryMachine() {
        assertThat(InventedWater.of(InventedWater.Coast.WARM, LocalDate.of(2026, 6, 18), 4))
                .isEqualTo(ALL);
        Grid warm = new Waters(ALL).newest(Grid.Kind.TEMPERATURE).orElseThrow();
        assertThat(warm.known()).isBetween(0.6, 0.97);
        assertThat(warm.at()).contains(Instant.parse("2026-06-17T22:00:00Z"));
        assertThat(warm.at(40, 3)).isEmpty();
    }
}
