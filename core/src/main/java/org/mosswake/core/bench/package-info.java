/** A spread's lines on the bench: what is worth saying of each, mends of its drag, and the ways it can be tied. */
package org.mosswake.core.bench;
