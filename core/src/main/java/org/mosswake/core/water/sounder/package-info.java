/** What a trace on the sounder can be, and when the lures reach it. */
package org.mosswake.core.water.sounder;
