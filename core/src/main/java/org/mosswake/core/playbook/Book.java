package org.mosswake.core.playbook;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.mosswake.core.playbook.Playbook.Trait;
import org.mosswake.core.units.Basis;
import org.mosswake.core.units.SpeedUnit;

/** Numbers of a playbook while it is written down. */
final class Book {
    private final PlaybookId id;
    private final List<Species> targets;
    private double[] speeds;
    private int[] lines;
    private double[] water;
    private double keep;
    private Set<Trait> traits = Set.of();
    private Basis sure = Basis.PRACTICE;

    private Book(PlaybookId id, List<Species> targets) {
        this.id = id;
        this.targets = targets;
    }

    static Book of(PlaybookId id, Species... targets) {
        return new Book(id, List.of(targets));
    }

    Book knots(double least, double start, double most) {
        speeds = new double[] {least, start, most};
        return this;
    }

    Book lines(int least, int usual, int most) {
        lines = new int[] {least, usual, most};
        return this;
    }

    Book water(double from, double to) {
        water = new double[] {from, to};
        return this;
    }

    Book keeping(double metres) {
        keep = metres;
        return this;
    }

    Book guess() {
        sure = Basis.ESTIMATE;
        return this;
    }

    Book with(Trait... all) {
        traits = EnumSet.copyOf(Arrays.asList(all));
        return this;
    }

    Playbook with(Slot... slots) {
        return new Playbook(
                id,
                targets,
                SpeedUnit.KNOT.toSi(speeds[0]),
                SpeedUnit.KNOT.toSi(speeds[1]),
                SpeedUnit.KNOT.toSi(speeds[2]),
                lines[0],
                lines[1],
                lines[2],
                water[0],
                water[1],
                keep,
                traits,
                List.of(slots),
                sure);
    }
}
