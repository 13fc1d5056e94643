package org.mosswake.core.units;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;

/** All numbers of one kind that can be set: their defaults, their ranges, and which must not pass which. */
public final class NumberBook {
    private final Map<String, Named> named;
    private final List<List<String>> orders;

    /**
     * @param named  by key, in the order they are shown
     * @param orders keys of which none may be larger than the next
     */
    public NumberBook(Map<String, Named> named, List<List<String>> orders) {
        this.named = Collections.unmodifiableMap(new LinkedHashMap<>(named));
        this.orders = List.copyOf(orders);
    }

    /**
     * What can be used of a set, and what cannot.
     *
     * @param set    each number in range, all of them in order
     * @param faults one for each number left out
     */
    public record Usable(Map<String, Double> set, List<Fault> faults) {}

    public List<Named> all() {
        return List.copyOf(named.values());
    }

    /** What a number is; of one that is not known any more its key. */
    public String words(String key) {
        Named number = named.get(key);
        return number == null ? key : number.words();
    }

    /** As set, else the default. */
    public double of(Map<String, Double> set, String key) {
        Double own = set.get(key);
        return own != null ? own : named.get(key).usual();
    }

    /** Refuses a set of which anything cannot be used; the default of a number left out counts as well. */
    public void check(Map<String, Double> set) {
        var faults = new Faults();
        usable(set).faults().forEach(faults::add);
        faults.throwIfAny();
    }

    /**
     * A set kept by an earlier edition may hold numbers that are no longer known, no longer in range, or no longer in
     * order with a changed default. What contradicts is left out together: nobody knows which was meant.
     */
    public Usable usable(Map<String, Double> set) {
        if (set.isEmpty()) {
            return new Usable(Map.of(), List.of());
        }
        var good = new TreeMap<String, Double>();
        var faults = new ArrayList<Fault>();
        new TreeMap<>(set).forEach((key, value) -> {
            var found = new Faults();
            Named number = named.get(key);
            if (number == null) {
                found.add(FaultCode.NOT_FOUND, key, key);
            } else {
                number.range().check(found, key, value);
            }
            faults.addAll(found.list());
            if (found.list().isEmpty()) {
                good.put(key, value);
            }
        });
        Set<String> owners = Set.copyOf(good.keySet());
        for (List<String> order : orders) {
            if (order.stream().anyMatch(owners::contains)) {
                List<Fault> wrong = outOfOrder(good, order);
                faults.addAll(wrong);
                if (!wrong.isEmpty()) {
                    order.forEach(good::remove);
                }
            }
        }
        return new Usable(Map.copyOf(good), List.copyOf(faults));
    }

    private List<Fault> outOfOrder(Map<String, Double> set, List<String> order) {
        var faults = new ArrayList<Fault>();
        for (int i = 1; i < order.size(); i++) {
            double before = of(set, order.get(i - 1));
            double after = of(set, order.get(i));
            if (before > after) {
                // Blamed is what was set, not a default that nobody typed.
                boolean typed = set.containsKey(order.get(i));
                faults.add(
                        typed
                                ? Fault.of(FaultCode.UNDER_ANOTHER, order.get(i), after, order.get(i - 1), before)
                                : Fault.of(FaultCode.OVER_ANOTHER, order.get(i - 1), before, order.get(i), after));
            }
        }
        return faults;
    }
}
