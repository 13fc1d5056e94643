package org.mosswake.server.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.units.SpeedUnit;
import org.mosswake.server.gear.BoatBody.HolderBody;
import org.mosswake.server.gear.BoatBody.PointBody;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** The invented boats on their invented coasts, in open ocean. */
@Component
public class DemoBoats implements DemoPart {
    private static final String ZONE = "Etc/GMT+3";

    private final BoatService boats;

    DemoBoats(BoatService boats) {
        this.boats = boats;
    }

    @Override
    public int order() {
        return 1;
    }

    @Override
    public void load() {
        boats.save(new BoatBody(
                DemoIds.QUIET_LEDGER,
                0,
                "Quiet Ledger",
                10.4,
                3.4,
                2,
                "Tarrow Banks",
                27.6,
                -47.3,
                ZONE,
                quietLedger(),
                SpeedUnit.KNOT.toSi(3.1),
                null,
                null,
                0.8,
                SpeedUnit.KNOT.toSi(31)));
        boats.save(new BoatBody(
                DemoIds.SPRAT,
                0,
                "Sprat",
                5.2,
                2.1,
                1,
                "Skarn Sound",
                43.4,
                -38.9,
                ZONE,
                sprat(),
                SpeedUnit.KNOT.toSi(2.4),
                0.35,
                SpeedUnit.KNOT.toSi(1.7),
                null,
                SpeedUnit.KNOT.toSi(19)));
        boats.save(new BoatBody(
                DemoIds.SLOW_ALMANAC,
                0,
                "Slow Almanac",
                9.1,
                3.1,
                2,
                "Tarrow Banks",
                27.6,
                -47.3,
                ZONE,
                slowAlmanac(),
                SpeedUnit.KNOT.toSi(2.9),
                null,
                null,
                0.8,
                SpeedUnit.KNOT.toSi(27)));
    }

    /** Named as the log of her years names them. */
    private static List<HolderBody> slowAlmanac() {
        var all = new ArrayList<HolderBody>();
        pair(all, DemoIds.SLOW_ALMANAC, "rigger, outer clip", HolderKind.RIGGER, at(-4.2, 1.4, 2.2), at(0.3, 5.6, 4.6));
        pair(all, DemoIds.SLOW_ALMANAC, "stern", HolderKind.FLAT, at(-0.1, 0.8, 1.0), at(1.2, 0.9, 1.4));
        all.add(holder(DemoIds.SLOW_ALMANAC, "Centre, far", HolderKind.CENTRE, at(-0.1, 0, 1.0), at(1.2, 0, 2.6)));
        all.add(holder(
                DemoIds.SLOW_ALMANAC,
                "Starboard downrigger",
                HolderKind.DOWNRIGGER,
                at(-0.4, 1.3, 0.9),
                at(0.2, 1.8, 1.0)));
        return all;
    }

    private static List<HolderBody> quietLedger() {
        var all = new ArrayList<HolderBody>();
        pair(all, DemoIds.QUIET_LEDGER, "rigger, outer clip", HolderKind.RIGGER, at(-4.6, 1.5, 2.4), at(0.4, 6.4, 5.0));
        pair(
                all,
                DemoIds.QUIET_LEDGER,
                "rigger, inner clip",
                HolderKind.RIGGER,
                at(-4.6, 1.5, 2.4),
                at(-1.0, 4.6, 3.8));
        pair(all, DemoIds.QUIET_LEDGER, "gunwale", HolderKind.FLAT, at(-2.2, 1.6, 1.1), at(-1.4, 3.3, 1.7));
        pair(all, DemoIds.QUIET_LEDGER, "corner", HolderKind.FLAT, at(-0.2, 1.5, 1.1), at(1.2, 2.2, 1.9));
        pair(all, DemoIds.QUIET_LEDGER, "stern", HolderKind.FLAT, at(-0.1, 0.8, 1.1), at(1.3, 0.9, 1.5));
        all.add(holder(DemoIds.QUIET_LEDGER, "Centre rigger", HolderKind.CENTRE, at(-2.4, 0, 2.6), at(-0.6, 0, 5.2)));
        all.add(holder(DemoIds.QUIET_LEDGER, "Centre stern", HolderKind.CENTRE, at(-0.1, 0, 1.1), at(1.3, 0, 1.5)));
        return all;
    }

    private static List<HolderBody> sprat() {
        var all = new ArrayList<HolderBody>();
        pair(all, DemoIds.SPRAT, "gunwale", HolderKind.FLAT, at(-1.8, 1.0, 0.8), at(-1.2, 2.6, 1.2));
        pair(all, DemoIds.SPRAT, "corner", HolderKind.FLAT, at(-0.1, 0.9, 0.8), at(1.1, 1.5, 1.4));
        all.add(holder(DemoIds.SPRAT, "Centre stern", HolderKind.CENTRE, at(-0.1, 0, 0.8), at(1.2, 0, 1.3)));
        all.add(holder(DemoIds.SPRAT, "Downrigger", HolderKind.DOWNRIGGER, at(-0.4, 0.9, 0.8), at(0.2, 1.4, 0.9)));
        return all;
    }

    private static void pair(
            List<HolderBody> all, UUID boat, String name, HolderKind kind, PointBody base, PointBody tip) {
        all.add(holder(boat, "Starboard " + name, kind, base, tip));
        all.add(holder(boat, "Port " + name, kind, mirrored(base), mirrored(tip)));
    }

    private static HolderBody holder(UUID boat, String name, HolderKind kind, PointBody base, PointBody tip) {
        return new HolderBody(holderId(boat, name), name, kind, base, tip);
    }

    public static UUID holderId(UUID boat, String name) {
        return DemoIds.of("holder " + boat + " " + name);
    }

    private static PointBody at(double astern, double starboard, double height) {
        return new PointBody(astern, starboard, height);
    }

    private static PointBody mirrored(PointBody point) {
        return at(point.asternM(), -point.starboardM(), point.heightM());
    }
}
