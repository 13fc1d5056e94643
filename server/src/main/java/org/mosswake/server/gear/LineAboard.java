package org.mosswake.server.gear;

import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;

/** A kind of line as it is carried. */
public record LineAboard(LineItem item, LineKind kind) {}
