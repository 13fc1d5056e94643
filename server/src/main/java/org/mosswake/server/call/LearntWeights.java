package org.mosswake.server.call;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Weights as the owner's own days have them, where the skipper has switched them on. */
public interface LearntWeights {
    /**
     * @param days   that taught them
     * @param tenths by the key of the number
     */
    record Learnt(int days, Map<String, Double> tenths) {}

    /** Empty where they are off. */
    Optional<Learnt> learnt(UUID vessel);
}
