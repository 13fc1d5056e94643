/** The first spread of a call: positions, lures, let-outs, how each is tied, and the story of each line. */
package org.mosswake.core.build;
