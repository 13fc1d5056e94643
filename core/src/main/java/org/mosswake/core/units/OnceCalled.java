package org.mosswake.core.units;

/** A constant that earlier editions wrote otherwise: what they kept is read for ever. */
public interface OnceCalled {
    /** As it was written. */
    String code();
}
