/** The log over all days: entries kept, slices asked, what they find. */
package org.mosswake.server.log;
