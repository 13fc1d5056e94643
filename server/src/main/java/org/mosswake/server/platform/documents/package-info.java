/**
 * What a skipper edits in small pieces. Every write names the version it was made from: the one that is kept, or 0 where
 * nothing is. Anything else is a stale write, answered with both sides, and changes nothing.
 */
package org.mosswake.server.platform.documents;
