/** What is kept and no longer offered: put away, taken out again, and removed for good where nothing kept needs it. */
package org.mosswake.server.putaway;
