/** Boats, gear and spreads as kept, and the solved spread. */
package org.mosswake.server.spread;
