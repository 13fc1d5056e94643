/** The boat with her holders, and what she carries: lures, lines and their coefficients. */
package org.mosswake.core.gear;
