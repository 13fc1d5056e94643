package org.mosswake.server.gear;

import java.util.UUID;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.demo.DemoIds;
import org.springframework.stereotype.Component;

/**
 * A box of generic lures, leads, lines and reels with the starting coefficients of their kinds, to begin with. What is
 * aboard already stays as it is.
 */
@Component
public class StarterBox {
    /** Which fish it is for. */
    enum Waters {
        WARM,
        COLD
    }

    private final GearService gear;

    StarterBox(GearService gear) {
        this.gear = gear;
    }

    @Write
    public GearService.Gear fill(UUID boat, Waters waters) {
        lines(boat);
        if (waters == Waters.WARM) {
            warmBox(boat);
        } else {
            coldBox(boat);
        }
        return gear.of(boat);
    }

    private void lines(UUID boat) {
        line(boat, "Mono 20 lb", LineKind.MONO, 20);
        line(boat, "Mono 40 lb", LineKind.MONO, 40);
        line(boat, "Mono 50 lb", LineKind.MONO, 50);
        line(boat, "Mono 80 lb", LineKind.MONO, 80);
        line(boat, "Mono 150 lb", LineKind.MONO, 150);
        line(boat, "Mono 200 lb", LineKind.MONO, 200);
        line(boat, "Fluorocarbon 60 lb", LineKind.FLUOROCARBON, 60);
        line(boat, "Fluorocarbon 100 lb", LineKind.FLUOROCARBON, 100);
        line(boat, "Braid 50 lb", LineKind.BRAID, 50);
        line(boat, "Braid 65 lb", LineKind.BRAID, 65);
        line(boat, "Hollow braid 130 lb", LineKind.HOLLOW_BRAID, 130);
        line(boat, "Trolling wire .025", LineKind.TROLLING_WIRE, 40);
        line(boat, "Downrigger cable 150 lb", LineKind.DOWNRIGGER_CABLE, 150);
        line(boat, "Bite wire no. 9", LineKind.BITE_WIRE, 105);
        line(boat, "Bite wire no. 5", LineKind.BITE_WIRE, 44);
        line(boat, "Bite cable 275 lb", LineKind.BITE_CABLE, 275);
    }

    private void warmBox(UUID boat) {
        lure(boat, 3, "Bullet skirt", LureGearKind.BULLET_SKIRT, "olive", 0.18);
        lure(boat, 2, "Bullet skirt, dark", LureGearKind.BULLET_SKIRT, "black and purple", 0.18);
        lure(boat, 2, "Bullet skirt, pink", LureGearKind.BULLET_SKIRT, "pink", 0.16);
        lure(boat, 2, "Popping head", LureGearKind.POPPING_HEAD, "pink", 0.2);
        lure(boat, 2, "Popping head, olive", LureGearKind.POPPING_HEAD, "olive", 0.2);
        lure(boat, 2, "Feather", LureGearKind.FEATHER, "pink and white", 0.15);
        lure(boat, 3, "Feather, small", LureGearKind.FEATHER, "silver", 0.09);
        lure(boat, 2, "Feather, small and bright", LureGearKind.FEATHER, "chartreuse", 0.09);
        lure(boat, 2, "Lipped plug", LureGearKind.LIPPED_PLUG, "silver", 0.16);
        lure(boat, 1, "Lipped plug, orange", LureGearKind.LIPPED_PLUG, "orange", 0.11);
        lure(boat, 1, "Fast bullet, dark", LureGearKind.FAST_BULLET, "black and red", 0.3);
        lure(boat, 1, "Fast bullet, light", LureGearKind.FAST_BULLET, "white and silver", 0.3);
        lure(boat, 1, "Fast bullet, neutral", LureGearKind.FAST_BULLET, "blue and grey", 0.3);
        weighing(boat, 3, "Hair jig, small", LureGearKind.HAIR_JIG, "white", 0.08, 0.028);
        lure(boat, 2, "Eel-shaped, dark", LureGearKind.EEL_BAIT, "dark", 0.35);
        lure(boat, 2, "Eel-shaped, pink", LureGearKind.EEL_BAIT, "pink", 0.35);
        lure(boat, 2, "Soft eel, dark", LureGearKind.SOFT_EEL, "dark", 0.3);
        lure(boat, 2, "Soft eel, pink", LureGearKind.SOFT_EEL, "pink", 0.3);
        steering(boat, "Steering bar", "green", 1);
        steering(boat, "Steering bar, to port", "pink", -1);
        lure(boat, 2, "Plain bar", LureGearKind.SPREADER_BAR, "green", 0.9);
        lead(boat, 1, "Torpedo lead, light", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(0.7));
        lead(boat, 1, "Torpedo lead, middle", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(0.9));
        lead(boat, 1, "Torpedo lead, heavy", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(1.4));
        reel(boat, 6, "Two-speed, mono", "Mono 50 lb", 650, 0.055, 0.028, 14, Reel.Metal.ALUMINIUM);
        reel(boat, 2, "Light, braid", "Braid 50 lb", 500, 0.045, 0.025, 9, Reel.Metal.ALUMINIUM);
        reel(boat, 3, "Fast, hollow braid", "Hollow braid 130 lb", 550, 0.065, 0.03, 22.5, Reel.Metal.ALUMINIUM);
    }

    private void steering(UUID boat, String name, String colour, int side) {
        Body usual = LureGearKind.STEERING_BAR.usual();
        var body = new Body(
                usual.massKg(), usual.volumeM3(), usual.dragAreaM2(), usual.diveAreaM2(), side * usual.sideAreaM2());
        save(boat, 1, name, LureGearKind.STEERING_BAR, colour, 0.9, body);
    }

    private void coldBox(UUID boat) {
        lure(boat, 2, "Flutter spoon", LureGearKind.FLUTTER_SPOON, "silver", 0.22);
        lure(boat, 3, "Hair jig", LureGearKind.HAIR_JIG, "white", 0.2);
        lure(boat, 2, "Squid", LureGearKind.SQUID, "green glow", 0.1);
        lure(boat, 2, "Squid, blue", LureGearKind.SQUID, "blue", 0.1);
        lure(boat, 3, "Rotating blade", LureGearKind.ROTATING_BLADE, "chrome", 0.28);
        lure(boat, 2, "Dodger", LureGearKind.DODGER, "chrome", 0.2);
        lure(boat, 2, "Fly", LureGearKind.FLY, "white", 0.08);
        lure(boat, 4, "Live bait", LureGearKind.LIVE_BAIT, "as caught", 0.24);
        lure(boat, 6, "Cut herring", LureGearKind.CUT_BAIT, "herring", 0.14);
        lure(boat, 6, "Bent herring", LureGearKind.BENT_BAIT, "herring", 0.18);
        lure(boat, 1, "Diving plane", LureGearKind.DIVING_PLANE, "red", 0.12);
        lead(boat, 2, "Torpedo lead", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(0.8));
        lead(boat, 1, "Downrigger ball", LureGearKind.BALL_LEAD, LureKind.ballLead(4.5));
        lead(boat, 2, "Torpedo lead, small", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(0.227));
        lead(boat, 2, "Ball lead, small", LureGearKind.BALL_LEAD, LureKind.ballLead(0.454));
        reel(boat, 2, "Level wind, braid", "Braid 50 lb", 350, 0.04, 0.022, 10, Reel.Metal.COMPOSITE);
        reel(boat, 2, "Level wind, mono", "Mono 40 lb", 300, 0.042, 0.022, 9, Reel.Metal.COMPOSITE);
        reel(boat, 1, "Wire", "Trolling wire .025", 180, 0.05, 0.03, 12, Reel.Metal.ALUMINIUM);
    }

    private void line(UUID boat, String name, LineKind kind, double pounds) {
        Force strength = Force.of(pounds, ForceUnit.POUND_FORCE);
        LinePiece metre = kind.metreRated(strength);
        keep(
                boat,
                new LineGearBody(
                        id(boat, name),
                        0,
                        name,
                        kind,
                        metre.diameterM(),
                        metre.densityKgPerM3(),
                        metre.normalDragCoefficient(),
                        metre.tangentialDragCoefficient(),
                        strength.newtons()));
    }

    private void lure(UUID boat, int count, String name, LureGearKind kind, String colour, double lengthM) {
        save(boat, count, name, kind, colour, lengthM, kind.usual());
    }

    /** Lighter or heavier than such a lure usually is, and as much smaller or larger. */
    private void weighing(
            UUID boat, int count, String name, LureGearKind kind, String colour, double lengthM, double massKg) {
        Body usual = kind.usual();
        double share = massKg / usual.massKg();
        double faces = Math.pow(share, 2.0 / 3);
        var body = new Body(
                massKg,
                usual.volumeM3() * share,
                usual.dragAreaM2() * faces,
                usual.diveAreaM2() * faces,
                usual.sideAreaM2() * faces);
        save(boat, count, name, kind, colour, lengthM, body);
    }

    private void lead(UUID boat, int count, String name, LureGearKind kind, Body body) {
        save(boat, count, name, kind, "lead", 0.15, body);
    }

    private void reel(
            UUID boat,
            int count,
            String name,
            String line,
            double metres,
            double fullM,
            double arborM,
            double rodKg,
            Reel.Metal metal) {
        double rodN = Force.of(rodKg, ForceUnit.KILOGRAM_FORCE).newtons();
        UUID main = id(boat, line);
        double diameter = gear.of(boat).line(main).diameterM();
        keep(
                boat,
                new ReelGearBody(
                        id(boat, "reel " + name),
                        0,
                        name,
                        count,
                        metres,
                        diameter,
                        fullM,
                        arborM,
                        main,
                        rodN,
                        metal,
                        null,
                        null,
                        null));
    }

    private void save(UUID boat, int count, String name, LureGearKind kind, String colour, double lengthM, Body body) {
        keep(
                boat,
                new LureGearBody(
                        id(boat, name),
                        0,
                        name,
                        kind,
                        colour,
                        lengthM,
                        body.massKg(),
                        body.volumeM3(),
                        body.dragAreaM2(),
                        body.diveAreaM2(),
                        body.sideAreaM2(),
                        kind.works().map(SpeedWindow::leastMps).orElse(null),
                        kind.works().map(SpeedWindow::mostMps).orElse(null),
                        count,
                        null,
                        null));
    }

    private void keep(UUID boat, LineGearBody line) {
        if (gear.of(boat).lines().stream().noneMatch(other -> other.gearId().equals(line.gearId()))) {
            gear.save(boat, line);
        }
    }

    private void keep(UUID boat, LureGearBody lure) {
        if (gear.of(boat).lures().stream().noneMatch(other -> other.gearId().equals(lure.gearId()))) {
            gear.save(boat, lure);
        }
    }

    private void keep(UUID boat, ReelGearBody reel) {
        if (gear.of(boat).reels().stream().noneMatch(other -> other.gearId().equals(reel.gearId()))) {
            gear.save(boat, reel);
        }
    }

    public static UUID id(UUID boat, String name) {
        return DemoIds.of("gear " + boat + " " + name);
    }
}
