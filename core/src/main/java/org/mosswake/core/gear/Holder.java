package org.mosswake.core.gear;

import java.util.UUID;

/**
 * A place on the boat that holds a line.
 *
 * @param base where rod, pole or arm is fixed
 * @param tip  where the line leaves: rod tip, rigger clip or downrigger pulley
 */
public record Holder(UUID id, String name, HolderKind kind, DeckPoint base, DeckPoint tip) {
    public Holder withTipHeight(double metres) {
        return new Holder(id, name, kind, base, new DeckPoint(tip.asternM(), tip.starboardM(), metres));
    }
}
