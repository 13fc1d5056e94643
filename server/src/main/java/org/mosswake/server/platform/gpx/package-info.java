/** GPX 1.1, as it comes and leaves. */
@NamedInterface("gpx")
package org.mosswake.server.platform.gpx;

import org.springframework.modulith.NamedInterface;
