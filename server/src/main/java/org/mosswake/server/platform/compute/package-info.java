/**
 * Work that takes more than a moment: as many at a time as there are cores, the newest first, none for a reader who has
 * gone. It is stopped by interrupting its thread; core's searches look out for that.
 */
package org.mosswake.server.platform.compute;
