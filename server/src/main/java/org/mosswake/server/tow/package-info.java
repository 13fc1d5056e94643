/** One line solved over HTTP, in the pinned shapes that anyone can check the physics with. */
package org.mosswake.server.tow;
