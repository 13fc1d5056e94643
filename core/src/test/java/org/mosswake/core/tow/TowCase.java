package org.mosswake.core.tow;

import tools.jackson.databind.JsonNode;

/** One reference request with its expected answer. */
record TowCase(String name, Tow tow, JsonNode expected) {
    @Override
    public String toString() {
        return name;
    }
}
