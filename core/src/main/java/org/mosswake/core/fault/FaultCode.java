package org.mosswake.core.fault;

import java.text.MessageFormat;
import java.util.Locale;

/** The catalogue. Codes are stable; {0} is what the field is, the rest the values named in each format. */
public enum FaultCode {
    MISSING("{0} is missing", "Give {0}."),
    UNKNOWN_FIELD("{0} is not a field here", "Leave it out, or check its spelling."),
    WRONG_TYPE("{0} must be {2}; it is {1}", "Send {2}."),
    NOT_FINITE("{0} must be a finite number", "Send a plain number."),
    NUL_CHARACTER("{0} holds a NUL character", "Send the text without it."),
    MALFORMED("the request is not readable: {1}", "Send well-formed JSON."),
    OUT_OF_RANGE("{0} is {1} {4}; accepted is {2} to {3} {4}", "Use a value from {2} to {3} {4}."),
    UNDER_ANOTHER("{0} is {1}, which is under {2} with {3}", "Set {0} to {3} or more, or {2} to {1} or less."),
    OVER_ANOTHER("{0} is {1}, which is over {2} with {3}", "Set {0} to {3} or less, or {2} to {1} or more."),
    OUT_OF_TIME("{0} is {1}; accepted is {2} to {3}", "Use a time from {2} to {3}."),
    AND_MORE("and {1} more like these", "Mend the first ones and send it again."),
    TOO_LONG("{0} has {1} characters; at most {2} are kept", "Shorten it to {2} characters."),
    NOT_EXACTLY_ONE("exactly one of {1} is needed; {2} were sent", "Send one of {1}."),
    TOO_MANY("{0} has {1} entries; at most {2} are accepted", "Send at most {2}."),
    TOO_FEW("{0} has {1} entries; at least {2} are needed", "Send at least {2}."),
    NOT_ONE_OF("{0} cannot be ''{1}''", "Use one of {2}."),
    NOT_FOUND("{0} ''{1}'' is not known here", "Choose one that exists."),
    UNREADABLE_QUANTITY("''{1}'' is not a {0} we can read", "Type a number and a unit, such as {2}."),
    LURE_WITHOUT_FORCE("the lure has no weight, drag or lift: nothing holds the line out", "Give it a mass or a drag."),
    LET_OUT_SHORTER_THAN_TACKLE(
            "{0} is {1} m, but leaders and shock leader already take {2} m", "Let out more than {2} m."),
    HOLDER_TAKEN("{0} is already used by line {1}", "Choose a free holder."),
    HOLDER_IN_USE("{0} leaves out {1}, which a spread uses", "Take its line off that spread first."),
    STANDS_ALONE("{0} cannot hold beside ''{1}''", "Send the one or the other."),
    TWICE("{0} names ''{1}'' twice", "Name each once."),
    CHAIN_MUST_END_IN_LINE("{0} must end with the main line", "Add the main line as the last piece."),
    WRONG_KIND_OF_GEAR("{0} is a {1}; a {2} belongs here", "Choose a {2}."),
    GEAR_UNUSABLE("{0} is {1}, which is kept but cannot be used: {2}", "Mend {1} in the box, or choose another."),
    FORGOTTEN("{0} was forgotten here, as her owner asked", "Nothing more is kept of her; make a new boat."),
    HERE_ALREADY("{0} is here already", "Open her, or take her file and forget her first."),
    UNREADABLE_ARCHIVE(
            "the file cannot be taken in: {1}", "Choose a whole file as ''Take the file'' wrote it. Nothing was kept."),
    STILL_NEEDED("{0} is carried by a spread, a reel, a fit or a day that is kept", "Leave it put away."),
    EXPORT_IS_OLD("something was kept since the export was made", "Export again, then forget."),
    EVENT_ID_REUSED("{0} was already used for another event", "Make a new id."),
    NEEDS_A_DOWNRIGGER("{0} takes a line down a cable, but {1} is no downrigger", "Leave it out, or use a downrigger."),
    BRANCH_ON_DOWNRIGGER("{0} has a three-way on a downrigger's line", "Tie it plain, or use another holder."),
    BRANCH_MISPLACED(
            "{0} cannot be there: a line takes one three-way, above its first leader, where no weight is tied",
            "Tie the second lure where two leaders meet."),
    UPSIDE_DOWN("{0} is {1} m, but the top lies at {2} m", "Give the deeper figure as the bottom."),
    TRACK_TURNS_BACK("{0} lies straight behind the mark before it", "Go round: set a mark to one side first."),
    CALIBRATION_WITHOUT_ITEM("{0} does not carry what is being fitted", "Give a line it was tied on."),
    CALIBRATION_NO_SHAPE(
            "no value of the coefficient gives a shape for every observation", "Check the speed and let-out of each."),
    CALIBRATION_NO_ANSWER(
            "what was seen does not depend on {0}",
            "Fit another: the drag across the line for wire, the dive area for a plug, the side area for a bar."),
    CALIBRATION_AT_END(
            "no likely value of the coefficient gives what was seen: the best is {1}, the end of the range",
            "Check the depth, speed and let-out of each."),
    CALIBRATION_NOT_LATEST("a later fit stands on this one", "Take the later one back first."),
    CALIBRATION_CHANGED("the coefficient was changed by hand since: it is {1} now", "Set it by hand in the gear list."),
    CALIBRATION_TAKEN_BACK("it was taken back already", "Fit it anew."),
    NO_SENTENCES(
            "{0} has no sentence of NMEA 0183 that is used: {1} lines were looked at",
            "Send what the instruments wrote as text, one sentence a line."),
    NOT_ON_A_NETWORK(
            "{0} needs the boat''s own network", "Start with ./moss serve --lan, and open the address that it says."),
    CODE_IS_VOID(
            "{0} is not the one that is shown, or it is over: each pairs one device, for ten minutes",
            "Show a new one at the computer that serves."),
    ONLY_PRACTICE("{0} cannot be added to a boat that practises", "Go back to the real boat."),
    UNREADABLE_TABLE("the table cannot be read: {1}", "Send the columns of an export, separated by commas."),
    UNREADABLE_GRID(
            "the grid cannot be taken in: {1}",
            "Choose a plain grid (.asc), a table of points (.csv), a NetCDF (.nc) or a GeoTIFF (.tif)."),
    GRID_OF_WHAT(
            "nothing in ''{1}'' says what it is of",
            "Choose whether it is temperature, colour, height, current or depth."),
    GRID_OF_WHEN(
            "nothing in ''{1}'' says when it was so",
            "Give the day and hour it is of: a sea of another day is another sea."),
    UNREADABLE_TRACK("the track cannot be taken in: {1}", "Choose a GPX file with points that have a time."),
    TIME_ZONE_UNKNOWN("{0} ''{1}'' is not a time zone", "Use a name such as Etc/GMT+3.");

    private final String message;
    private final String mend;

    FaultCode(String message, String mend) {
        this.message = message;
        this.mend = mend;
    }

    String message(Object... values) {
        return format(message, values);
    }

    String mend(Object... values) {
        return format(mend, values);
    }

    private static String format(String pattern, Object... values) {
        var texts = new Object[values.length];
        for (int i = 0; i < values.length; i++) {
            texts[i] = text(values[i]);
        }
        String text = new MessageFormat(pattern, Locale.ROOT).format(texts);
        boolean unitless = texts.length > 0 && "".equals(texts[texts.length - 1]);
        return unitless ? text.replace(" ;", ";").replace(" .", ".").strip() : text;
    }

    private static String text(Object value) {
        if (value instanceof Double number && number == Math.rint(number) && Math.abs(number) < 1e9) {
            return Long.toString(number.longValue());
        }
        return String.valueOf(value);
    }
}
