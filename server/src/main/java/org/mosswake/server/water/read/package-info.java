/** Open grid files, each read as it comes. */
@NullMarked
package org.mosswake.server.water.read;

import org.jspecify.annotations.NullMarked;
