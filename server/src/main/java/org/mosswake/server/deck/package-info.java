/** The deck over the wire: what is told beforehand of a spread that goes to sea. */
package org.mosswake.server.deck;
