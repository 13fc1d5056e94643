package org.mosswake.core.units;

import org.mosswake.core.fault.Accepted;

/**
 * A number the skipper may set.
 *
 * @param words what it is
 * @param usual its default, in SI or as a plain number where {@code kind} is a count or a share
 * @param basis where the default comes from
 */
public record Named(String key, String words, Figure.Kind kind, double usual, Basis basis, Accepted range) {}
