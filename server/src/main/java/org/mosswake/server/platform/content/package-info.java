/** What is kept once by the hash of its canonical JSON, and never changed. */
@NamedInterface("content")
package org.mosswake.server.platform.content;

import org.springframework.modulith.NamedInterface;
