/** A circling line solved over HTTP, in the pinned shape that anyone can check the turn model with. */
package org.mosswake.server.turn;
