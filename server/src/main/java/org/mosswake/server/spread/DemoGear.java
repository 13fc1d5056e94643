package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.spread.LineKind;
import org.mosswake.core.spread.LureKind;
import org.mosswake.core.spread.SpeedWindow;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** A box of generic lures, leads and lines for each boat, with the starting coefficients of their kinds. */
@Component
class DemoGear implements DemoPart {
    private final GearService gear;

    DemoGear(GearService gear) {
        this.gear = gear;
    }

    @Override
    public int order() {
        return 2;
    }

    @Override
    public void load() {
        List.of(DemoIds.QUIET_LEDGER, DemoIds.SPRAT).forEach(this::lines);
        warmBox(DemoIds.QUIET_LEDGER);
        coldBox(DemoIds.SPRAT);
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
        line(boat, "Bite cable 275 lb", LineKind.BITE_CABLE, 275);
    }

    private void warmBox(UUID boat) {
        lure(boat, "Bullet skirt", LureGearKind.BULLET_SKIRT, "olive", 0.18);
        lure(boat, "Bullet skirt, dark", LureGearKind.BULLET_SKIRT, "black and purple", 0.18);
        lure(boat, "Popping head", LureGearKind.POPPING_HEAD, "pink", 0.2);
        lure(boat, "Popping head, olive", LureGearKind.POPPING_HEAD, "olive", 0.2);
        lure(boat, "Feather", LureGearKind.FEATHER, "pink and white", 0.15);
        lure(boat, "Lipped plug", LureGearKind.LIPPED_PLUG, "silver", 0.16);
        lure(boat, "Fast bullet, dark", LureGearKind.FAST_BULLET, "black and red", 0.3);
        lure(boat, "Fast bullet, light", LureGearKind.FAST_BULLET, "white and silver", 0.3);
        lure(boat, "Fast bullet, neutral", LureGearKind.FAST_BULLET, "blue and grey", 0.3);
        lure(boat, "Steering bar", LureGearKind.STEERING_BAR, "green", 0.9);
        lead(boat, "Torpedo lead 0.7 kg", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(0.7));
        lead(boat, "Torpedo lead 0.9 kg", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(0.9));
        lead(boat, "Torpedo lead 1.4 kg", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(1.4));
    }

    private void coldBox(UUID boat) {
        lure(boat, "Flutter spoon", LureGearKind.FLUTTER_SPOON, "silver", 0.22);
        lure(boat, "Hair jig", LureGearKind.HAIR_JIG, "white", 0.2);
        lure(boat, "Squid", LureGearKind.SQUID, "green glow", 0.1);
        lure(boat, "Rotating blade", LureGearKind.ROTATING_BLADE, "chrome", 0.28);
        lure(boat, "Live bait", LureGearKind.LIVE_BAIT, "as caught", 0.24);
        lure(boat, "Diving plane", LureGearKind.DIVING_PLANE, "red", 0.12);
        lead(boat, "Torpedo lead 0.8 kg", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(0.8));
        lead(boat, "Downrigger ball 4.5 kg", LureGearKind.BALL_LEAD, LureKind.ballLead(4.5));
        lead(boat, "Torpedo lead 0.23 kg", LureGearKind.TORPEDO_LEAD, LureKind.torpedoLead(0.227));
        lead(boat, "Ball lead 0.45 kg", LureGearKind.BALL_LEAD, LureKind.ballLead(0.454));
    }

    private void line(UUID boat, String name, LineKind kind, double pounds) {
        Force strength = Force.of(pounds, ForceUnit.POUND_FORCE);
        LinePiece metre = kind.metreRated(strength);
        gear.save(
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

    private void lure(UUID boat, String name, LureGearKind kind, String colour, double lengthM) {
        save(boat, name, kind, colour, lengthM, kind.usual());
    }

    private void lead(UUID boat, String name, LureGearKind kind, Body body) {
        save(boat, name, kind, "lead", 0.15, body);
    }

    private void save(UUID boat, String name, LureGearKind kind, String colour, double lengthM, Body body) {
        gear.save(
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
                        kind.works().map(SpeedWindow::mostMps).orElse(null)));
    }

    static UUID id(UUID boat, String name) {
        return DemoIds.of("gear " + boat + " " + name);
    }
}
