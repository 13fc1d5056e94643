package org.mosswake.server.spread;

import java.util.UUID;

/** A boat as lists show her. */
record BoatTitle(UUID boatId, int version, String name, String place) {}
