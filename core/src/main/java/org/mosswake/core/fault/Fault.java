package org.mosswake.core.fault;

/**
 * One thing wrong with input.
 *
 * @param field path of the field, e.g. {@code lines[2].letOutM}
 * @param value the offending value as sent, or empty text where there is none
 * @param mend  the nearest thing that works
 */
public record Fault(FaultCode code, String field, String value, String message, String mend) {
    private static final int LONGEST_ECHO = 80;

    /** @param values what the code's format names after the field; the first of them is the offending value */
    public static Fault of(FaultCode code, String field, Object... values) {
        var all = new Object[values.length + 1];
        all[0] = field.isEmpty() ? "the request" : field;
        for (int i = 0; i < values.length; i++) {
            all[i + 1] = values[i] instanceof String text ? shortened(text) : values[i];
        }
        String echo = values.length == 0 ? "" : String.valueOf(all[1]);
        return new Fault(code, field, echo, code.message(all), code.mend(all));
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST_ECHO ? text : text.substring(0, LONGEST_ECHO) + "…";
    }

    /** The same fault seen from a record that holds this one's field under {@code parent}. */
    public Fault under(String parent) {
        String path = field.isEmpty() ? parent : field.startsWith("[") ? parent + field : parent + "." + field;
        return new Fault(code, path, value, message.replace(field.isEmpty() ? "the request" : field, path), mend);
    }
}
