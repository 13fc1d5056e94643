/** The light of a day over HTTP. */
package org.mosswake.server.clock;
