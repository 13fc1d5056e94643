package org.mosswake.core.spread;

import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;

/** A second lure on a leader of its own, tied in where a three-way swivel sits (m). */
public record Branch(LureItem lure, LineItem line, double lengthM) {}
