/** What all tables share that leave and come back as CSV. */
package org.mosswake.server.platform.table;
