/** Courses over the water of a day: laid, followed with every line, kept with the day, out as a route. */
@NullMarked
package org.mosswake.server.course;

import org.jspecify.annotations.NullMarked;
