package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mosswake.core.rig.Benches.piece;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.rig.Piece.Hung;
import org.mosswake.core.rig.Rigging.Bait;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

class TonightTest {
    private static final Tonight.Wants NONE = new Tonight.Wants(0, Optional.empty(), false, RigNumbers.USUAL);

    private static List<LineTied> ladders() {
        Rigging rigging = Benches.rigging(Benches.reel(22));
        return List.of(
                Benches.tied("C1", Benches.ladder(), rigging, 146, true),
                Benches.tied("S1", Benches.ladder(), rigging, 120, true),
                Benches.tied("P1", Benches.ladder(), rigging, 98, true));
    }

    private static LineTied eel() {
        var rigging = new Rigging(
                Optional.empty(),
                Hooks.Kind.BAIT_SET.usual(),
                Optional.of(new Bait(Bait.Kind.EEL_SHAPED, 0.5, Optional.empty())),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                RigNumbers.USUAL);
        var pieces = List.of(
                piece(0, Material.CABLE, 60, 0.8, 1.5, new Hung("eel", Hung.Sort.BAIT, 0.4)),
                piece(1, Material.MONO, 23, 0.7, 60));
        return Benches.tied("D1", pieces, rigging, 60, true);
    }

    private static Tonight of(List<LineTied> lines, int dead, Map<String, Double> have) {
        return Tonight.of(lines, new Tonight.Wants(dead, Optional.empty(), false, RigNumbers.USUAL), have);
    }

    private static Goods goods(Tonight tonight, String words) {
        return tonight.goods().stream()
                .filter(item -> item.words().text().contains(words))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEveningThatIsTooLongSaysWhoCouldHelpAndWhatIsMissedLeast() {
        assertThat(of(ladders(), 0, Map.of()).tooLong(Duration.ofHours(4))).isEmpty();
        var many = new ArrayList<LineTied>();
        for (int i = 0; i < 12; i++) {
            many.addAll(ladders());
        }
        Tonight tonight = Tonight.of(many, new Tonight.Wants(0, Optional.of(60.0), false, RigNumbers.USUAL), Map.of());
        Sentence said = tonight.tooLong(Duration.ofHours(4)).orElseThrow();
        assertThat(said.figures().get(0).si()).isEqualTo(60 * tonight.minutes());
        assertThat(said.figures().get(2).si()).isEqualTo(Math.ceil(tonight.minutes() / 240));
        assertThat(said.text()).contains("pairs do it").contains("Least missed: pull tests");
    }

    @Test
    void likeLeadersAreOneTask() {
        Tonight tonight = of(ladders(), 0, Map.of());
        Task wire = tonight.tasks().stream()
                .filter(task -> task.title().text().contains("cable leader"))
                .findFirst()
                .orElseThrow();
        // Six bites, a fifth of which wear a leader out: two spares.
        assertThat(wire.title().figures().get(0).si()).isEqualTo(5);
        assertThat(wire.title().figures().get(1)).isEqualTo(Figure.distance(1.2));
        assertThat(wire.lines()).containsExactly("C1", "S1", "P1");
    }

    @Test
    void metresCountTagsAndWaste() {
        Goods cable = goods(of(ladders(), 0, Map.of()), "for leaders");
        assertThat(goods(of(ladders(), 0, Map.of()), "cable 125").amount())
                .isCloseTo(5 * (1.2 + 0.6) * 1.1, within(1e-9));
        assertThat(cable.kind()).isEqualTo(Figure.Kind.DISTANCE);
    }

    @Test
    void whatIsAboardIsNotBought() {
        Tonight bare = of(ladders(), 0, Map.of());
        Goods tethers = goods(bare, "tethers");
        assertThat(tethers.lacking()).isEqualTo(3);
        Goods some = goods(of(ladders(), 0, Map.of("tethers", 2.0)), "tethers");
        assertThat(some.lacking()).isEqualTo(1);
        assertThat(goods(of(ladders(), 0, Map.of("tethers", 9.0)), "tethers").lacking())
                .isZero();
    }

    @Test
    void whatIsShortComesFirst() {
        List<Goods> goods = of(ladders(), 0, Map.of("tethers", 9.0)).goods();
        assertThat(goods.get(goods.size() - 1).words().text()).contains("tethers");
    }

    @Test
    void marksNameEveryLetOut() {
        Task marks = of(ladders(), 0, Map.of()).tasks().stream()
                .filter(task -> task.sort() == Task.Sort.MARKS)
                .findFirst()
                .orElseThrow();
        assertThat(marks.title().figures()).extracting(Figure::si).containsExactly(98.0, 120.0, 146.0);
        assertThat(marks.detail().figures().get(0).si()).isEqualTo(160);
    }

    @Test
    void asManyLeadersAsDeadBaits() {
        Task leaders = of(List.of(eel()), 12, Map.of()).tasks().stream()
                .filter(task -> task.sort() == Task.Sort.LEADERS)
                .findFirst()
                .orElseThrow();
        assertThat(leaders.title().figures().get(0).si()).isEqualTo(12);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 6, 20, 40})
    void brineDoublesWithTheCount(int baits) {
        Brine once = of(List.of(eel()), baits, Map.of()).brine().orElseThrow();
        Brine twice = of(List.of(eel()), 2 * baits, Map.of()).brine().orElseThrow();
        assertThat(twice.iceKg()).isCloseTo(2 * once.iceKg(), within(1e-9));
        assertThat(twice.saltKg()).isCloseTo(2 * once.saltKg(), within(1e-9));
        assertThat(twice.waterKg()).isCloseTo(2 * once.waterKg(), within(1e-9));
        assertThat(once.scentKg()).isCloseTo(once.waterKg() / 8, within(1e-9));
    }

    @Test
    void moreBitesWearMoreLeaders() {
        var many = new Tonight.Wants(0, Optional.of(30.0), false, RigNumbers.USUAL);
        assertThat(Tonight.of(ladders(), many, Map.of()).minutes())
                .isGreaterThan(Tonight.of(ladders(), NONE, Map.of()).minutes());
    }

    @Test
    void barblessIsSaidWithTheHooks() {
        var wants = new Tonight.Wants(0, Optional.empty(), true, RigNumbers.USUAL);
        assertThat(Tonight.of(ladders(), wants, Map.of()).tasks())
                .filteredOn(task -> task.sort() == Task.Sort.HOOKS)
                .singleElement()
                .satisfies(task -> assertThat(task.detail().text()).contains("barbless"));
    }

    @Test
    void aTaskKeepsItsKeyAndAChangedOneTakesAnother() {
        List<String> before =
                of(ladders(), 0, Map.of()).tasks().stream().map(Task::key).toList();
        assertThat(of(ladders(), 0, Map.of("tethers", 3.0)).tasks())
                .extracting(Task::key)
                .containsExactlyElementsOf(before);
        assertThat(of(ladders().subList(0, 2), 0, Map.of()).tasks())
                .extracting(Task::key)
                .doesNotContainAnyElementsOf(
                        before.stream().filter(key -> key.startsWith("tethers")).toList());
    }

    @Test
    void nothingOutAsksForNothing() {
        assertThat(of(List.of(), 5, Map.of()).tasks()).isEmpty();
    }
}
