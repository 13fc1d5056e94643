/** Strength and drag of what is tied. So far: the window in which a strike drag must lie. */
package org.mosswake.core.rig;
