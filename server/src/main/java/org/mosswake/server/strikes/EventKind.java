package org.mosswake.server.strikes;

/** What an event reports. Kinds of old clients are accepted for ever, so none is ever removed. */
public enum EventKind {
    STRUCK,
    LANDED,
    LOST,
    ANNOTATED,
    RETRACTED,
    SET,
    CHANGED,
    CLEARED,
    FIX
}
