/** Practice days over the wire: a copy of a boat on an invented sea, with a log, box and clock of her own. */
package org.mosswake.server.deck.practice;
