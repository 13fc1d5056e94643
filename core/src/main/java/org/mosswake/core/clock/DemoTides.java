package org.mosswake.core.clock;

import static org.mosswake.core.clock.TideConstituent.K1;
import static org.mosswake.core.clock.TideConstituent.M2;
import static org.mosswake.core.clock.TideConstituent.N2;
import static org.mosswake.core.clock.TideConstituent.O1;
import static org.mosswake.core.clock.TideConstituent.S2;

import java.util.List;
import org.mosswake.core.clock.TideStation.Wave;

/** Stations of the two invented coasts. Their constants are made up: a weak ocean tide, and narrows with a strong one. */
public final class DemoTides {
    public static final TideStation TARROW_BANKS = new TideStation(
            "Tarrow Banks",
            27.6,
            -47.3,
            0.45,
            List.of(new Wave(M2, 0.31, 12), new Wave(S2, 0.10, 40), new Wave(N2, 0.07, 350), new Wave(K1, 0.06, 180)),
            List.of(new Wave(M2, 0.47, 250), new Wave(S2, 0.14, 280), new Wave(K1, 0.07, 140)),
            85);

    public static final TideStation SKARN_NARROWS = new TideStation(
            "Skarn Narrows",
            43.4,
            -38.9,
            2.1,
            List.of(
                    new Wave(M2, 1.32, 95),
                    new Wave(S2, 0.36, 130),
                    new Wave(N2, 0.27, 70),
                    new Wave(K1, 0.14, 210),
                    new Wave(O1, 0.10, 195)),
            List.of(new Wave(M2, 0.92, 20), new Wave(S2, 0.26, 55), new Wave(N2, 0.18, 355), new Wave(K1, 0.06, 150)),
            160);

    public static final List<TideStation> ALL = List.of(TARROW_BANKS, SKARN_NARROWS);

    private DemoTides() {}
}
