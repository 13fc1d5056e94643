package org.mosswake.core.gear;

/** Boat frame (m): astern of the transom (forward of it negative), to starboard, up from the water. */
public record DeckPoint(double asternM, double starboardM, double heightM) {}
