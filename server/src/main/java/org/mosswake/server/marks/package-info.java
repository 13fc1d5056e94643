/** Places of the sea that the crew gave a name, in and out as waypoints. */
@NullMarked
package org.mosswake.server.marks;

import org.jspecify.annotations.NullMarked;
