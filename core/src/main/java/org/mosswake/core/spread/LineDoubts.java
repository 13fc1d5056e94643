package org.mosswake.core.spread;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.sure.Doubt;
import org.mosswake.core.sure.Doubts;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.sure.Sighting;
import org.mosswake.core.sure.Unknown;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.Downrigger;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.tow.TowLimits;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * What is not exactly known of one line, and the line as it would be if it were off. Errors are shared by kind: two lines
 * of one wire err together, two lures of one kind too; an item that was fitted errs by itself, and less.
 */
public final class LineDoubts {
    private final SpreadLine line;
    private final Doubts doubts;

    public LineDoubts(SpreadLine line) {
        this.line = line;
        var all = new LinkedHashSet<Factor>();
        all.add(SPEED);
        all.add(letOut());
        all.add(tipHeight());
        if (line.deep().isPresent()) {
            all.add(cableOut());
        }
        var seen = new LinkedHashSet<Sighting>();
        for (LineItem item : lines()) {
            all.add(normalDrag(item));
            all.add(tangentialDrag(item));
            all.add(diameter(item));
            seen.addAll(item.fitted().seen());
        }
        for (LureItem item : lures()) {
            for (Coefficient part : Coefficient.values()) {
                if (part.of(item) != 0) {
                    all.add(area(item, part));
                }
            }
            seen.addAll(item.fitted().seen());
        }
        RigNumbers numbers = line.rigging().numbers();
        doubts = new Doubts(
                all.stream()
                        .map(factor -> new Doubt(factor, numbers.of(RigNumbers.sure(factor.what()))))
                        .filter(doubt -> doubt.deviation() > 0)
                        .toList(),
                List.copyOf(seen));
    }

    public Doubts all() {
        return doubts;
    }

    private static final Factor SPEED = new Factor(Unknown.SPEED, "");

    private Factor letOut() {
        return new Factor(Unknown.LET_OUT, line.id().toString());
    }

    private Factor cableOut() {
        return new Factor(Unknown.CABLE_OUT, line.id().toString());
    }

    private Factor tipHeight() {
        return new Factor(Unknown.TIP_HEIGHT, line.holder().id().toString());
    }

    private static Factor tangentialDrag(LineItem item) {
        return new Factor(Unknown.TANGENTIAL_DRAG, family(item.kind()).name());
    }

    private Set<LineItem> lines() {
        var all = new LinkedHashSet<LineItem>();
        line.tackle().forEach(piece -> {
            all.add(piece.line());
            piece.branch().ifPresent(branch -> all.add(branch.line()));
        });
        line.deep().ifPresent(rig -> all.add(rig.cable()));
        return all;
    }

    private Set<LureItem> lures() {
        var all = new LinkedHashSet<LureItem>();
        line.tackle().forEach(piece -> {
            piece.item().ifPresent(all::add);
            piece.branch().ifPresent(branch -> all.add(branch.lure()));
        });
        line.deep().ifPresent(rig -> all.add(rig.ball()));
        return all;
    }

    private static Unknown family(LineKind kind) {
        return switch (kind.material()) {
            case MONO, FLUOROCARBON -> Unknown.NORMAL_DRAG_SMOOTH;
            case BRAID, HOLLOW_BRAID -> Unknown.NORMAL_DRAG_BRAID;
            case WIRE, CABLE -> Unknown.NORMAL_DRAG_METAL;
        };
    }

    /** Mono and fluorocarbon are as smooth as one another, and braids as rough; wire and cable hum each in its own way. */
    private static Factor normalDrag(LineItem item) {
        Unknown family = family(item.kind());
        if (item.fitted().coefficients().contains(Coefficient.NORMAL_DRAG)) {
            return new Factor(family, item.id().toString());
        }
        return new Factor(
                family,
                family == Unknown.NORMAL_DRAG_METAL ? item.kind().material().name() : "");
    }

    private static Factor diameter(LineItem item) {
        return new Factor(Unknown.DIAMETER, item.id().toString());
    }

    private static Factor area(LureItem item, Coefficient part) {
        Unknown what = switch (part) {
            case DRAG_AREA -> item.attracts() ? Unknown.BLADE_AREA : Unknown.DRAG_AREA;
            case DIVE_AREA -> Unknown.DIVE_AREA;
            case SIDE_AREA -> Unknown.SIDE_AREA;
            case NORMAL_DRAG -> throw new IllegalArgumentException("a lure has no line's drag");
        };
        return new Factor(
                what, item.fitted().coefficients().contains(part) ? item.id().toString() : item.kind());
    }

    /** The line with these errors, as far as the model goes. */
    public Moved moved(SpeedThroughWater speed, Doubts.Moved by) {
        double height = by.of(tipHeight(), line.holder().tip().heightM());
        SpreadLine moved = line.with(item -> lure(item, by), item -> line(item, by))
                .withHolder(line.holder().withTipHeight(TowLimits.TIP_HEIGHT_M.nearest(height)));
        if (line.deep().isPresent()) {
            double out = by.of(cableOut(), line.deep().get().cableOutM());
            double least = line.deep().get().clipAboveM() + Downrigger.LEAST_ABOVE_CLIP_M;
            moved = moved.withCableOut(Math.max(least, Downrigger.CABLE_OUT_M.nearest(out)));
        }
        double letOut = by.of(letOut(), line.letOutM());
        double main = line.lengthM(line.tackle().size() - 1) + letOut - line.letOutM();
        letOut += TowLimits.LENGTH_M.nearest(main) - main;
        return new Moved(
                moved.withLetOut(letOut),
                new SpeedThroughWater(TowLimits.SPEED_MPS.nearest(by.of(SPEED, speed.mps()))));
    }

    public record Moved(SpreadLine line, SpeedThroughWater speed) {}

    private static LineItem line(LineItem item, Doubts.Moved by) {
        LinePiece one = item.metre();
        return item.withMetre(new LinePiece(
                one.lengthM(),
                TowLimits.DIAMETER_M.nearest(by.of(diameter(item), one.diameterM())),
                one.densityKgPerM3(),
                TowLimits.NORMAL_DRAG.nearest(by.of(normalDrag(item), one.normalDragCoefficient())),
                TowLimits.TANGENTIAL_DRAG.nearest(by.of(tangentialDrag(item), one.tangentialDragCoefficient()))));
    }

    private static LureItem lure(LureItem item, Doubts.Moved by) {
        Body body = item.body();
        for (Coefficient part : Coefficient.values()) {
            double value = part.of(item);
            if (value != 0) {
                Accepted range = part == Coefficient.DRAG_AREA ? TowLimits.DRAG_AREA_M2 : TowLimits.STEERING_AREA_M2;
                body = part.in(body, range.nearest(by.of(area(item, part), value)));
            }
        }
        return item.withBody(body);
    }
}
