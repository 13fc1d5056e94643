package org.mosswake.server.platform.openapi;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.strikes.Happening;
import org.mosswake.server.platform.json.Checked;

/** Asks a body what it refuses: one is made with every number far too large, and its faults name the ranges. */
final class RangeProbe {
    private static final double TOO_LARGE = 1e300;
    /** A bound reckoned from another number that was too large is none. */
    private static final double BOUND = 1e200;

    record Place(Class<?> record, String component) {}

    record Range(double least, double most) {}

    private RangeProbe() {}

    static Map<Place, Range> of(Class<?> body) {
        var faults = new Faults();
        try {
            Object made = made(body);
            if (made instanceof Happening happening) {
                happening.check(faults, "");
            } else {
                ((Checked) made).check(faults);
            }
        } catch (RuntimeException | ReflectiveOperationException onlyOfRealBodies) {
            // A body that can't be made of nothing publishes what it said so far.
        }
        var ranges = new HashMap<Place, Range>();
        for (Fault fault : faults.list()) {
            range(fault).ifPresent(range -> place(body, fault.field()).ifPresent(place -> ranges.put(place, range)));
        }
        return ranges;
    }

    private static Optional<Range> range(Fault fault) {
        if (fault.code() != FaultCode.OUT_OF_RANGE || fault.values().size() < 3) {
            return Optional.empty();
        }
        return fault.values().get(1) instanceof Number least
                        && fault.values().get(2) instanceof Number most
                        && most.doubleValue() < BOUND
                ? Optional.of(new Range(least.doubleValue(), most.doubleValue()))
                : Optional.empty();
    }

    /** The component that a path such as {@code lines[0].letOutM} ends at. */
    private static Optional<Place> place(Class<?> body, String path) {
        Class<?> at = body;
        String[] steps = path.replaceAll("\\[\\d+]", "").split("\\.");
        for (int i = 0; i < steps.length - 1; i++) {
            Optional<RecordComponent> step = component(at, steps[i]);
            if (step.isEmpty()) {
                return Optional.empty();
            }
            at = element(step.get().getGenericType());
        }
        String last = steps[steps.length - 1];
        Class<?> holder = at;
        return component(holder, last).map(found -> new Place(holder, last));
    }

    private static Optional<RecordComponent> component(Class<?> record, String name) {
        return record.isRecord()
                ? Arrays.stream(record.getRecordComponents())
                        .filter(component -> component.getName().equals(name))
                        .findFirst()
                : Optional.empty();
    }

    private static Class<?> element(Type type) {
        return type instanceof ParameterizedType list
                ? WireRecords.raw(list.getActualTypeArguments()[0])
                : WireRecords.raw(type);
    }

    private static Object made(Class<?> record) throws ReflectiveOperationException {
        RecordComponent[] components = record.getRecordComponents();
        var types = new Class<?>[components.length];
        var values = new Object[components.length];
        for (int i = 0; i < components.length; i++) {
            types[i] = components[i].getType();
            values[i] = value(components[i].getGenericType());
        }
        var constructor = record.getDeclaredConstructor(types);
        constructor.setAccessible(true);
        return constructor.newInstance(values);
    }

    /** Numbers too large, anything else as small as it can be; null of what can't be made of nothing. */
    private static Object value(Type type) throws ReflectiveOperationException {
        Class<?> raw = WireRecords.raw(type);
        if (raw == Double.class || raw == double.class) {
            return TOO_LARGE;
        } else if (raw == Integer.class || raw == int.class) {
            return Integer.MAX_VALUE;
        } else if (raw == Long.class || raw == long.class) {
            return Long.MAX_VALUE;
        } else if (raw == String.class) {
            return "x";
        } else if (raw == UUID.class) {
            return new UUID(0, 1);
        } else if (raw == boolean.class) {
            return false;
        } else if (raw.isEnum()) {
            return raw.getEnumConstants()[0];
        } else if (raw == List.class) {
            return List.of(value(((ParameterizedType) type).getActualTypeArguments()[0]));
        }
        if (raw == Optional.class) {
            return Optional.ofNullable(value(((ParameterizedType) type).getActualTypeArguments()[0]));
        }
        return raw.isRecord() ? made(raw) : null;
    }
}
