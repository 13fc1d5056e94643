package org.mosswake.core.fault;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** Collects every fault of one request, so that all are answered at once. A field is blamed once. */
public final class Faults {
    private final List<Fault> found = new ArrayList<>();

    public void add(FaultCode code, String field, Object... values) {
        add(Fault.of(code, field, values));
    }

    public void add(Fault fault) {
        if (!blames(fault.field())) {
            found.add(fault);
        }
    }

    /** True when this field, or one that holds it, is already at fault: nothing more can be said of it. */
    public boolean blames(String field) {
        return found.stream()
                .anyMatch(f -> f.field().equals(field)
                        || field.startsWith(f.field() + ".")
                        || field.startsWith(f.field() + "["));
    }

    /** Present, or a fault. */
    public boolean required(String field, Object value) {
        if (value == null) {
            add(FaultCode.MISSING, field);
        }
        return value != null;
    }

    /** Present, not blank and no longer than {@code most} characters. */
    public void text(String field, String value, int most) {
        if (value == null || value.isBlank()) {
            add(FaultCode.MISSING, field);
        } else if (value.length() > most) {
            add(FaultCode.TOO_LONG, field, value.length(), most);
        }
    }

    /** Present and between {@code least} and {@code most} entries. */
    public boolean count(String field, Collection<?> value, int least, int most) {
        if (!required(field, value)) {
            return false;
        }
        if (value.size() > most) {
            add(FaultCode.TOO_MANY, field, value.size(), most);
        } else if (value.size() < least) {
            add(FaultCode.TOO_FEW, field, value.size(), least);
        }
        return value.size() <= most;
    }

    public List<Fault> list() {
        return List.copyOf(found);
    }

    public void throwIfAny() {
        if (!found.isEmpty()) {
            throw new FaultException(found);
        }
    }
}
