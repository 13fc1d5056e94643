package org.mosswake.core.fault;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Collects the faults of one request, so that all are answered at once. A field is blamed once. What is noted costs the
 * same however much was noted before, and after {@link #MOST} they are only counted: nobody reads more.
 */
public final class Faults {
    /** Faults answered by name; the rest are one sentence. */
    public static final int MOST = 50;

    private final List<Fault> found = new ArrayList<>();
    private final Set<String> blamed = new HashSet<>();
    private int more;

    public void add(FaultCode code, String field, Object... values) {
        if (!blames(field)) {
            if (found.size() < MOST) {
                note(Fault.of(code, field, values));
            } else {
                more++;
            }
        }
    }

    public void add(Fault fault) {
        if (!blames(fault.field())) {
            if (found.size() < MOST) {
                note(fault);
            } else {
                more++;
            }
        }
    }

    private void note(Fault fault) {
        found.add(fault);
        blamed.add(fault.field());
    }

    /** True when this field, or one that holds it, is already at fault: nothing more can be said of it. */
    public boolean blames(String field) {
        if (blamed.isEmpty()) {
            return false;
        }
        if (blamed.contains(field)) {
            return true;
        }
        for (int end = field.length() - 1; end > 0; end--) {
            char c = field.charAt(end);
            if ((c == '.' || c == '[') && blamed.contains(field.substring(0, end))) {
                return true;
            }
        }
        return false;
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

    public boolean isEmpty() {
        return found.isEmpty();
    }

    /** How many there are, named or only counted. */
    public int total() {
        return found.size() + more;
    }

    /** The first {@link #MOST}, and how many more there are. */
    public List<Fault> list() {
        if (more == 0) {
            return List.copyOf(found);
        }
        var all = new ArrayList<>(found);
        all.add(Fault.of(FaultCode.AND_MORE, "", more));
        return List.copyOf(all);
    }

    public void throwIfAny() {
        if (!found.isEmpty()) {
            throw new FaultException(list());
        }
    }
}
