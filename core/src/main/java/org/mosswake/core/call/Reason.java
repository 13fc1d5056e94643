package org.mosswake.core.call;

import org.mosswake.core.units.Sentence;

/**
 * One piece of evidence for or against a playbook.
 *
 * @param tenths weight in tenths; negative speaks against
 */
public record Reason(String rule, Topic topic, int tenths, Sentence says) {}
