/** The boat, her holders and her box, as kept and as they were. */
package org.mosswake.server.gear;
