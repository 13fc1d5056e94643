package org.mosswake.core.log;

import java.util.Arrays;

/**
 * Part of the log, added up.
 *
 * @param strikes of which the time is known too, and {@code landed} of them, released ones included
 * @param untimed strikes without a time fished: they are in no rate
 * @param minutes that lines fished
 * @param struckOn strikes of each day of the log, those without a time too, and {@code fishedOn} the minutes: a day pulls
 *                 all that is fished on it up or down together
 */
public record Slice(int strikes, int landed, int untimed, double minutes, int[] struckOn, float[] fishedOn) {
    /** Days with a line in the water. */
    public int days() {
        int days = 0;
        for (float minutes : fishedOn) {
            days += minutes > 0 ? 1 : 0;
        }
        return days;
    }

    /** Both together; nothing is in both. */
    Slice with(Slice other) {
        int[] struck = struckOn.clone();
        float[] fished = fishedOn.clone();
        Arrays.setAll(struck, day -> struck[day] + other.struckOn[day]);
        for (int day = 0; day < fished.length; day++) {
            fished[day] += other.fishedOn[day];
        }
        return new Slice(
                strikes + other.strikes,
                landed + other.landed,
                untimed + other.untimed,
                minutes + other.minutes,
                struck,
                fished);
    }

    /** All but what the other one counts. */
    public Slice without(Slice part) {
        int[] struck = struckOn.clone();
        float[] fished = fishedOn.clone();
        Arrays.setAll(struck, day -> struck[day] - part.struckOn[day]);
        for (int day = 0; day < fished.length; day++) {
            fished[day] = Math.max(0, fished[day] - part.fishedOn[day]);
        }
        return new Slice(
                strikes - part.strikes,
                landed - part.landed,
                untimed - part.untimed,
                Math.max(0, minutes - part.minutes),
                struck,
                fished);
    }
}
