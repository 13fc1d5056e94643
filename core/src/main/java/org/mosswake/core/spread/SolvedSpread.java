package org.mosswake.core.spread;

import java.util.List;
import java.util.Optional;

/**
 * Every line solved, in the order of the line-up, the wake, and what is worth saying, most important first.
 *
 * @param ground both speeds, when stream and heading are known
 */
public record SolvedSpread(List<SolvedLine> lines, Wake wake, List<Finding> findings, Optional<TwoSpeeds> ground) {}
