package org.mosswake.server.gear;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.Fitted;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.sure.Sighting;
import org.mosswake.core.sure.Unknown;
import org.mosswake.server.gear.GearMapper.FitRow;

/** The fits that stand, by item. One whose coefficient was set by hand since says nothing any more. */
record Fits(List<FitRow> rows) {
    static final Fits NONE = new Fits(List.of());

    LineItem on(LineItem item) {
        return item.fitted(fitted(item.id(), coefficient -> coefficient.of(item)));
    }

    LureItem on(LureItem item) {
        return item.fitted(fitted(item.id(), coefficient -> coefficient.of(item)));
    }

    private Fitted fitted(UUID item, ToDoubleFunction<Coefficient> value) {
        var coefficients = EnumSet.noneOf(Coefficient.class);
        var seen = new LinkedHashMap<String, List<FitRow>>();
        for (FitRow row : rows) {
            if (row.gearId().equals(item)
                    && row.noise() != null
                    && value.applyAsDouble(row.coefficient()) == row.newValue()) {
                coefficients.add(row.coefficient());
                seen.computeIfAbsent(row.calibrationId() + " " + row.observationNo(), key -> new ArrayList<>())
                        .add(row);
            }
        }
        return coefficients.isEmpty()
                ? Fitted.NOT
                : new Fitted(
                        coefficients, seen.values().stream().map(Fits::sighting).toList());
    }

    private static Sighting sighting(List<FitRow> rows) {
        Map<Factor, Double> slopes = new HashMap<>();
        for (FitRow row : rows) {
            if (row.what() != null) {
                slopes.put(new Factor(Unknown.valueOf(row.what()), row.sharedBy()), row.slope());
            }
        }
        return new Sighting(slopes, rows.get(0).noise());
    }
}
