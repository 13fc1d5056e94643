package org.mosswake.core.strikes;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.UUID;

/**
 * The day as it stood at one moment.
 *
 * @param lines   by the text of the id: how each line that was spoken of is
 * @param on      strikes whose fish is on, in time
 * @param bag     fish kept, by species
 * @param engines running, where that was said
 * @param well    bait alive, by kind
 */
public record DayState(
        SortedMap<String, Stretch> lines,
        List<UUID> on,
        Map<String, Integer> bag,
        Optional<Integer> engines,
        Map<String, Integer> well) {}
