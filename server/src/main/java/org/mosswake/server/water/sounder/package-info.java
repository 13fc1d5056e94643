/** What a trace on the sounder can be, and when each lure reaches it. */
@NullMarked
package org.mosswake.server.water.sounder;

import org.jspecify.annotations.NullMarked;
