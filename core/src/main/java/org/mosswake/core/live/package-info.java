/**
 * The spread on the water as she sails: where each lure is now, how fast it runs, what is under it, and what somebody
 * must act on. Fed each second with what instruments tell.
 */
package org.mosswake.core.live;
