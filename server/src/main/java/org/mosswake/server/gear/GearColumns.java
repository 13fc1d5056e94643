package org.mosswake.server.gear;

import static org.mosswake.server.gear.GearColumn.choice;
import static org.mosswake.server.gear.GearColumn.figure;
import static org.mosswake.server.gear.GearColumn.kind;
import static org.mosswake.server.gear.GearColumn.lineOfTheBox;
import static org.mosswake.server.gear.GearColumn.number;
import static org.mosswake.server.gear.GearColumn.text;
import static org.mosswake.server.gear.GearColumn.whole;

import java.util.List;
import java.util.stream.Stream;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.Shade;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedUnit;

/** The columns of each sort of item. A further field of an item is one more line here: table and form follow. */
record GearColumns(List<GearColumn> lure, List<GearColumn> line, List<GearColumn> reel) {
    private static final double KNOT = SpeedUnit.KNOT.toSi(1);
    private static final double POUND = ForceUnit.POUND_FORCE.toSi(1);

    static final GearColumns ALL = new GearColumns(
            List.of(
                    text("name", "Name"),
                    kind(LureGearKind.class),
                    whole("count", "Aboard").orElse("one"),
                    text("colour", "Colour"),
                    choice("colour_role", "colourRole", "Colour role", ColourRole.class, GearColumns::role)
                            .orElse("by its words"),
                    choice("shade", "shade", "Shade", Shade.class, GearColumns::shade)
                            .orElse("by its words"),
                    figure("length_cm", "lengthM", "Length", 0.01, Figure.Kind.SMALL),
                    figure("mass_g", "massKg", "Weight", 0.001, Figure.Kind.MASS),
                    number("volume_cm3", "volumeM3", "Water it displaces", 1e-6, "cm³")
                            .forTheSolver(),
                    number("drag_area_cm2", "dragAreaM2", "Drag area", 1e-4, "cm²")
                            .forTheSolver(),
                    number("dive_area_cm2", "diveAreaM2", "Dive area, down", 1e-4, "cm²")
                            .forTheSolver(),
                    number("side_area_cm2", "sideAreaM2", "Side area, to starboard", 1e-4, "cm²")
                            .forTheSolver(),
                    figure("slowest_kn", "slowestMps", "Works from", KNOT, Figure.Kind.SPEED)
                            .orElse("at any speed"),
                    figure("fastest_kn", "fastestMps", "Works up to", KNOT, Figure.Kind.SPEED)
                            .orElse("at any speed")),
            List.of(
                    text("name", "Name"),
                    kind(LineKind.class),
                    figure("strength_lb", "strengthN", "Rated strength", POUND, Figure.Kind.PULL),
                    figure("diameter_mm", "diameterM", "Diameter", 0.001, Figure.Kind.SMALL),
                    number("density_kg_m3", "densityKgPerM3", "Density", 1, "kg/m³")
                            .forTheSolver(),
                    number("normal_drag", "normalDragCoefficient", "Drag across it, Cn", 1, "")
                            .forTheSolver(),
                    number("tangential_drag", "tangentialDragCoefficient", "Drag along it, Ct", 1, "")
                            .forTheSolver()),
            List.of(
                    text("name", "Name"),
                    whole("count", "Rods with it"),
                    figure("rated_m", "ratedM", "Rated for", 1, Figure.Kind.DISTANCE),
                    figure("rated_diameter_mm", "ratedDiameterM", "of diameter", 0.001, Figure.Kind.SMALL),
                    figure("full_radius_mm", "fullRadiusM", "Radius, full", 0.001, Figure.Kind.SMALL)
                            .forTheSolver(),
                    figure("arbor_radius_mm", "arborRadiusM", "Radius of the arbor", 0.001, Figure.Kind.SMALL)
                            .forTheSolver(),
                    lineOfTheBox("main_line", "mainLineGearId", "Main line on it"),
                    figure("rod_class_n", "rodClassN", "Rod made for a drag of", 1, Figure.Kind.PULL)
                            .orElse("not known"),
                    choice("spool_metal", "spoolMetal", "Spool of", Reel.Metal.class, GearColumns::metal)
                            .orElse("not known"),
                    figure("hand_m", "handM", "A hand's pull of line", 1, Figure.Kind.SMALL)
                            .orElse("as usual"),
                    lineOfTheBox("backing_line", "backingLineGearId", "Backing under it"),
                    figure("backing_m", "backingM", "Length of backing", 1, Figure.Kind.DISTANCE)
                            .onlyWith("backingLineGearId")));

    /** Every column once, in the order of a table. */
    List<String> names() {
        Stream<String> own = Stream.of(lure, line, reel).flatMap(List::stream).map(GearColumn::name);
        return Stream.concat(Stream.of("what", "id"), own).distinct().toList();
    }

    private static String role(ColourRole role) {
        return switch (role) {
            case IMITATOR -> "like the forage";
            case ATTRACTOR -> "shows itself";
        };
    }

    private static String shade(Shade shade) {
        return switch (shade) {
            case DARK -> "dark";
            case NEUTRAL -> "between";
            case LIGHT -> "light";
        };
    }

    private static String metal(Reel.Metal metal) {
        return switch (metal) {
            case ALUMINIUM -> "aluminium";
            case STEEL -> "steel";
            case COMPOSITE -> "composite";
        };
    }
}
