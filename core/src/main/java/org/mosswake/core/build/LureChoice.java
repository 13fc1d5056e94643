package org.mosswake.core.build;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.BoxFit;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.call.Topic.Forage;
import org.mosswake.core.call.Topic.Sky;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.gear.Shade;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.units.SpeedThroughWater;

/** Which lure of the box goes where: kind, size of the forage, speed, colour role half and half, shade by side. */
final class LureChoice {
    private final Situation s;
    private final Playbook p;
    private final Tying tying;
    private final Map<ColourRole, Integer> roles = new EnumMap<>(ColourRole.class);

    LureChoice(Situation s, Playbook p, Tying tying) {
        this.s = s;
        this.p = p;
        this.tying = tying;
    }

    /** Length of what they eat now (m), where it is known or the playbook is for small bait. */
    static Optional<Double> forageM(Situation s, Playbook p) {
        Optional<Double> known = s.conditions()
                .number(Topic.FORAGE)
                .or(() -> s.conditions().choice(Topic.FORAGE, Forage.class).map(Forage::usualM));
        return known.or(() -> p.is(Playbook.Trait.SMALL_FORAGE) ? Optional.of(0.1) : Optional.empty());
    }

    Optional<Box.Lure> pick(Slot slot, Holder holder, double speedMps) {
        var speed = new SpeedThroughWater(speedMps);
        return s.box().lures().stream()
                .filter(lure -> tying.left(lure) > 0 && BoxFit.suits(lure, slot, speed) && steers(lure, holder))
                .max(Comparator.comparingDouble((Box.Lure lure) -> points(lure, slot, holder))
                        .thenComparing(lure -> lure.item().name()));
    }

    void took(Box.Lure lure) {
        roles.merge(lure.role(), 1, Integer::sum);
        tying.take(lure.item().id());
    }

    /** A bar that steers must steer away from the boat. */
    private static boolean steers(Box.Lure lure, Holder holder) {
        double side = lure.item().sideAreaM2();
        return side == 0 || side * holder.tip().starboardM() > 0;
    }

    private double points(Box.Lure lure, Slot slot, Holder holder) {
        int place = slot.kinds().indexOf(LureKind.valueOf(lure.item().kind()));
        double points = 3 * (1 - (double) place / slot.kinds().size());
        points += forageM(s, p)
                .map(wanted -> -4 * Math.abs(Math.log(lure.lengthM() / wanted)))
                .orElse(0.0);
        points += colour(lure) + shade(lure, holder);
        if (slot.place() == Slot.Place.CENTRE) {
            points += farthest(lure);
        }
        return points;
    }

    private double colour(Box.Lure lure) {
        int mine = roles.getOrDefault(lure.role(), 0);
        int others = roles.values().stream().mapToInt(Integer::intValue).sum() - mine;
        double points = -0.5 * (mine - others);
        if (p.is(Playbook.Trait.SHOWS_ITSELF) && lure.role() == ColourRole.ATTRACTOR) {
            points += 3;
        }
        if (s.conditions().bait().isPresent() && lure.role() == ColourRole.IMITATOR) {
            points += 0.7;
        }
        return points;
    }

    /** Dark to port, light to starboard, neutral in the middle; a little for dark in low light (ESTIMATE). */
    private double shade(Box.Lure lure, Holder holder) {
        double across = holder.tip().starboardM();
        Shade side = Math.abs(across) < 0.3 ? Shade.NEUTRAL : across > 0 ? Shade.LIGHT : Shade.DARK;
        // A ladder is told apart by it; elsewhere it only breaks ties.
        double points = lure.shade() == side ? p.is(Playbook.Trait.FAST) ? 3 : 0.5 : 0;
        boolean low = s.moment().light() == Light.FIRST_LIGHT
                || s.moment().light() == Light.DUSK
                || s.conditions().is(Topic.SKY, Sky.OVERCAST);
        return points + (lure.shade() == (low ? Shade.DARK : Shade.LIGHT) ? 0.2 : 0);
    }

    private double farthest(Box.Lure lure) {
        return switch (s.schools().of(School.FARTHEST)) {
            case 1 -> 30 * lure.lengthM();
            case 2 -> -30 * lure.lengthM() + (lure.role() == ColourRole.IMITATOR ? 1.5 : 0);
            default -> 0;
        };
    }

    /** Whether the roles stand half and half, as far as an odd number allows. */
    static boolean balanced(List<Box.Lure> lures) {
        long loud = lures.stream()
                .filter(lure -> lure.role() == ColourRole.ATTRACTOR)
                .count();
        return Math.abs(2 * loud - lures.size()) <= 1;
    }
}
