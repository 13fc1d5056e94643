/** A spread in hand: how it is set, cleared and turned. */
package org.mosswake.core.handling;
