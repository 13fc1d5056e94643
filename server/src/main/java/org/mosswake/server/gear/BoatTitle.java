package org.mosswake.server.gear;

import java.util.UUID;

/** A boat as lists show her. */
public record BoatTitle(UUID boatId, int version, String name, String place, boolean putAway) {}
