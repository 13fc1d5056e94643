package org.mosswake.core.bench;

import java.util.List;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.spread.Change;
import org.mosswake.core.units.Sentence;

/**
 * What gives an empty drag window room again, with the window reckoned anew after it.
 *
 * @param changes empty where it must be bought first
 */
public record DragMend(Sentence words, List<Change> changes, DragWindow after) {
    public DragMend {
        changes = List.copyOf(changes);
    }
}
