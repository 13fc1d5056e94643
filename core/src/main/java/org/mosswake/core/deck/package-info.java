/** The deck: what the boat does at a strike, clocks of the routine, answers to cues, care of each fish; instruments. */
package org.mosswake.core.deck;
