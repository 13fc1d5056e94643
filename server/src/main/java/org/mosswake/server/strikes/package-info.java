/** Trips, and what happened on them: events that are never changed, and the day they fold into. */
package org.mosswake.server.strikes;
