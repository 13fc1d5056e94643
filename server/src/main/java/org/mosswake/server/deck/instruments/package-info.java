/** Instruments of a boat: their sources, who listens to them, and what they tell now. */
package org.mosswake.server.deck.instruments;
