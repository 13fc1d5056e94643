package org.mosswake.core.units;

import java.util.List;

/**
 * What makes a unit: {@code si = (value + offset) · factor}.
 *
 * @param symbol    as printed behind the number
 * @param spellings lower case, as accepted when typed
 */
public record UnitSpec(String symbol, double factor, double offset, List<String> spellings) {}
