package org.mosswake.core.fault;

import java.util.ArrayList;
import java.util.List;

/**
 * One thing wrong with input.
 *
 * @param field  path of the field, e.g. {@code lines[2].letOutM}
 * @param values what the code's format names after the field; the first of them is the offending value
 */
public record Fault(FaultCode code, String field, List<Object> values) {
    private static final int LONGEST_ECHO = 80;
    private static final int LONGEST_FIELD = 160;

    public Fault {
        values = List.copyOf(values);
    }

    public static Fault of(FaultCode code, String field, Object... values) {
        var all = new ArrayList<Object>();
        for (Object value : values) {
            all.add(value instanceof String text ? shortened(text, LONGEST_ECHO) : value == null ? "nothing" : value);
        }
        return new Fault(code, shortened(field, LONGEST_FIELD), all);
    }

    private static String shortened(String text, int longest) {
        return text.length() <= longest ? text : text.substring(0, longest) + "…";
    }

    /** The offending value as sent, or empty text where there is none. */
    public String value() {
        return values.isEmpty() ? "" : String.valueOf(values.get(0));
    }

    public String message() {
        return code.message(named());
    }

    /** The nearest thing that works. */
    public String mend() {
        return code.mend(named());
    }

    private Object[] named() {
        var all = new ArrayList<Object>();
        all.add(field.isEmpty() ? "the request" : field);
        all.addAll(values);
        return all.toArray();
    }

    /** The same fault, of a field of another name. */
    public Fault at(String path) {
        return new Fault(code, path, values);
    }

    /** The same fault seen from a record that holds this one's field under {@code parent}. */
    public Fault under(String parent) {
        return at(field.isEmpty() ? parent : field.startsWith("[") ? parent + field : parent + "." + field);
    }
}
