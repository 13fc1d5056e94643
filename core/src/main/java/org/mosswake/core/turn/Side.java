package org.mosswake.core.turn;

/** Which way the boat turns. */
public enum Side {
    PORT(-1),
    STARBOARD(1);

    /** 1 to starboard, −1 to port. */
    final int sign;

    Side(int sign) {
        this.sign = sign;
    }

    public Side other() {
        return this == PORT ? STARBOARD : PORT;
    }
}
