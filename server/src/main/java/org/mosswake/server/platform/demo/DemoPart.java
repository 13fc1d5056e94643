package org.mosswake.server.platform.demo;

/** One capability's share of the invented demo coast; parts load once, in order, in one transaction. */
public interface DemoPart {
    int order();

    void load();
}
