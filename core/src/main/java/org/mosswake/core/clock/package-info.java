/** Sun, moon and tide at a place on a day. Nothing here reads the wall clock: the day is given. */
package org.mosswake.core.clock;
