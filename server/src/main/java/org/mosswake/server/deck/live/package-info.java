/** The spread on the water over the wire: led along what instruments, or a device, tell. */
package org.mosswake.server.deck.live;
