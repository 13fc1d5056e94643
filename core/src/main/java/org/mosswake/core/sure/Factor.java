package org.mosswake.core.sure;

/**
 * One error: equal factors are one and the same, in however many lines they stand.
 *
 * @param of what shares it: a kind, an item, or one line alone
 */
public record Factor(Unknown what, String of) {}
