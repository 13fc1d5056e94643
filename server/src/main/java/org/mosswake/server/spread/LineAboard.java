package org.mosswake.server.spread;

import org.mosswake.core.spread.LineItem;
import org.mosswake.core.spread.LineKind;

/** A kind of line as it is carried. */
public record LineAboard(LineItem item, LineKind kind) {}
