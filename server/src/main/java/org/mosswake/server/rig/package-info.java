/** The bench over the wire: chains, windows, lists, ticks and stock of a boat's spreads. */
package org.mosswake.server.rig;
