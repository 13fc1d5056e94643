package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.units.Basis;
import org.mosswake.core.units.Named;

class NumbersTest {
    @Test
    void everyNumberLiesInItsOwnRangeAndIsNamedOnce() {
        assertThat(Numbers.all()).hasSizeGreaterThan(500).allSatisfy(named -> {
            assertThat(named.usual())
                    .as(named.key())
                    .isBetween(named.range().least(), named.range().most());
            assertThat(named.words()).isNotBlank();
            assertThat(named.basis()).isNotEqualTo(Basis.YOURS);
        });
        assertThat(Numbers.all()).extracting(Named::key).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @EnumSource(PlaybookId.class)
    void everyPlaybookIsWhole(PlaybookId id) {
        Playbook p = Numbers.USUAL.playbook(id);
        assertThat(p.leastMps()).isLessThanOrEqualTo(p.startMps());
        assertThat(p.startMps()).isLessThanOrEqualTo(p.mostMps());
        assertThat(p.leastLines()).isLessThanOrEqualTo(p.usualLines());
        assertThat(p.usualLines()).isLessThanOrEqualTo(p.mostLines());
        assertThat(p.positions()).isGreaterThanOrEqualTo(p.mostLines());
        assertThat(p.positions(p.mostLines())).hasSize(p.mostLines());
        assertThat(p.targets()).isNotEmpty();
    }

    @Test
    void aNumberSetIsUsedAndSaysWhoseItIs() {
        var numbers = Numbers.USUAL.with("M3.startMps", 4.0).with("M3.slot1.most", 180);
        assertThat(numbers.playbook(PlaybookId.MIXED).startMps()).isEqualTo(4.0);
        assertThat(numbers.playbook(PlaybookId.MIXED).slots().get(0).reach().most())
                .isEqualTo(180);
        assertThat(numbers.playbook(PlaybookId.MIXED).sure()).isEqualTo(Basis.YOURS);
        assertThat(numbers.playbook(PlaybookId.SMALL_FAST).sure()).isEqualTo(Basis.PRACTICE);
    }

    @Test
    void aWeightSetMovesTheCall() {
        Situation s = Days.large(Light.FIRST_LIGHT, Conditions.NOTHING);
        int usual = Ranking.of(s).of(PlaybookId.MIXED).tenths();
        var other = new Situation(
                s.day(),
                s.moment(),
                s.conditions(),
                s.outfit(),
                s.schools(),
                s.table(),
                Numbers.USUAL.with("LIGHT_FIRST_LIGHT.M3", 25));
        assertThat(Ranking.of(other).of(PlaybookId.MIXED).tenths()).isEqualTo(usual + 15);
    }

    /** What an earlier edition kept never stops the reader: the good part is used, the rest is named. */
    @Test
    void ofAKeptSetTheGoodPartIsUsed() {
        var kept = Numbers.usable(Map.of(
                "M3.startMps", 4.0, "M3.colour", 1.0, "M4.startMps", 900.0, "M2.leastMps", 9.0, "M2.mostMps", 3.0));
        assertThat(kept.set()).containsExactly(Map.entry("M3.startMps", 4.0));
        assertThat(kept.faults())
                .extracting(Fault::field)
                .containsExactlyInAnyOrder("M3.colour", "M4.startMps", "M2.leastMps", "M2.mostMps");
        assertThat(new Numbers(kept.set()).playbook(PlaybookId.MIXED).startMps())
                .isEqualTo(4.0);
    }

    @Test
    void aLetOutFromIsNotOverItsTo() {
        assertThatThrownBy(() -> new Numbers(Map.of("M3.slot1.least", 200.0, "M3.slot1.most", 100.0)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).message()).contains("under"));
    }

    @Test
    void refusesWhatIsNoNumberOfOursOrOutOfOrder() {
        assertThatThrownBy(() -> new Numbers(Map.of("M3.colour", 1.0))).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new Numbers(Map.of("M3.startMps", 50.0))).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new Numbers(Map.of("M3.startMps", 1.0)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults()).extracting(Fault::field).contains("M3.startMps"));
    }
}
