/**
 * The judgement: from what is known of day, water, boat and crew to a method, how many lines, and which lures where.
 *
 * <p>{@link org.mosswake.core.call.Ranking} weighs every playbook by rules of evidence; a topic that is not known adds
 * nothing. {@link org.mosswake.core.call.Call} adds how long the first stays first, what could change it, and plan B.
 * {@link org.mosswake.core.call.LineCount} says how many lines and what decides. Weights and numbers are in
 * {@link org.mosswake.core.call.Numbers}, each with its default and where it comes from; the skipper's own replace them.
 */
package org.mosswake.core.call;
