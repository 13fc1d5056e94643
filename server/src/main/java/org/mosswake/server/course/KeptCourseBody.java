package org.mosswake.server.course;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.course.CourseBody.SpotBody;
import org.mosswake.server.platform.json.Checked;

/**
 * The course of a day that was taken along.
 *
 * @param version of it; 0 for none yet
 * @param asked   as it was asked for; absent of a day without one
 * @param corners to steer from one to the next, as it was laid then
 */
record KeptCourseBody(
        LocalDate day, Integer version, @Nullable CourseBody asked, List<SpotBody> corners) implements Checked {
    private static final int MOST_CORNERS = 2000;

    @Override
    public void check(Faults faults) {
        faults.required("day", day);
        faults.required("version", version);
        if (faults.required("asked", asked)) {
            asked.check(faults);
        }
        if (faults.count("corners", corners, 2, MOST_CORNERS)) {
            for (int i = 0; i < corners.size(); i++) {
                if (faults.required("corners[" + i + "]", corners.get(i))) {
                    corners.get(i).check(faults, "corners[" + i + "]");
                }
            }
        }
    }
}
