/** The call over HTTP: what is known of a day, the ranking, the first spread, the skipper's ways, numbers and table. */
package org.mosswake.server.call;
