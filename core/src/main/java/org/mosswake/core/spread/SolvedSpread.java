package org.mosswake.core.spread;

import java.util.List;

/** Every line solved, in the order of the line-up, the wake, and what is worth saying, most important first. */
public record SolvedSpread(List<SolvedLine> lines, Wake wake, List<Finding> findings) {}
