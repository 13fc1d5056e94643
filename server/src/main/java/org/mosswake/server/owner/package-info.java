/** An owner's data as a whole: taken away in one file, and forgotten on request. */
package org.mosswake.server.owner;
