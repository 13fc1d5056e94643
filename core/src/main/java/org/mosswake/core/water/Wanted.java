package org.mosswake.core.water;

/**
 * What is fished for, as far as the water matters to it (°C).
 *
 * @param words as the crew says it
 */
public record Wanted(String words, double coldest, double from, double to, double warmest) {}
