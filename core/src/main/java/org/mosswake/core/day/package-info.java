/** The day that a call is for: its steps and hours, the bait it needs and the room in the bag. */
package org.mosswake.core.day;
