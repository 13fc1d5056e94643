package org.mosswake.core.spread;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.gear.Idle;

/**
 * Every line solved, in the order of the line-up, the wake, and what is worth saying, most important first.
 *
 * @param ground both speeds, when stream and heading are known
 * @param slower what slows the boat to the lures' window, when she idles faster
 */
public record SolvedSpread(
        List<SolvedLine> lines,
        Wake wake,
        List<Finding> findings,
        Optional<TwoSpeeds> ground,
        Optional<Idle.Remedies> slower) {}
