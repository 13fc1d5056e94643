/** A day kept on paper, typed in as it is read and told as facts. */
package org.mosswake.server.strikes.paper;
