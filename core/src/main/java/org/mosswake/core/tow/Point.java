package org.mosswake.core.tow;

/** A place behind the tip (m): astern of it, to starboard of it, and height above the surface (under it negative). */
public record Point(double asternM, double lateralM, double heightM) {
    public double depthM() {
        return Math.max(0, -heightM);
    }
}
