package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Box;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.playbook.Slot.Tied;

/** How a line is taken down: by the skipper's way where the box has what it needs, else by lead. */
final class DeepWay {
    private DeepWay() {}

    static Tied of(Slot slot, boolean cabled, Schools schools, Tying tying) {
        boolean open = slot.place() == Slot.Place.DEEP && !cabled;
        if (!open || slot.tied() == Tied.ATTRACTOR) {
            return slot.tied();
        }
        return switch (schools.of(School.DEEP)) {
            case 1 -> tying.nearest(LineKind.TROLLING_WIRE, 40).isPresent() ? Tied.WIRE : Tied.IN_LINE_LEAD;
            case 3 -> Tied.THREE_WAY;
            default -> Tied.IN_LINE_LEAD;
        };
    }

    /** Leads to try, the lightest first; one empty one where none is tied. */
    static List<Optional<Box.Lure>> leads(Tied how, Slot slot, boolean cabled, Schools schools, Tying tying) {
        if (how == Tied.IN_LINE_LEAD && schools.is(School.DEEP, School.BY_PLANE)) {
            List<Optional<Box.Lure>> planes = tying.planes().map(Optional::of).toList();
            if (!planes.isEmpty()) {
                return planes;
            }
        }
        boolean needs = how == Tied.IN_LINE_LEAD || how == Tied.THREE_WAY || how == Tied.FAST_LADDER;
        boolean may = how == Tied.ATTRACTOR && slot.deep() && !cabled;
        if (!needs && !may) {
            return List.of(Optional.empty());
        }
        var leads = new ArrayList<Optional<Box.Lure>>();
        if (may) {
            leads.add(Optional.empty());
        }
        tying.leads().forEach(lead -> {
            double kg = lead.item().massKg();
            boolean heavyEnough = how == Tied.THREE_WAY || how == Tied.FAST_LADDER ? kg >= 0.4 : true;
            if (heavyEnough) {
                leads.add(Optional.of(lead));
            }
        });
        if (how == Tied.FAST_LADDER && slot.reach().least() > 110 && !leads.isEmpty()) {
            // The longest line carries the heaviest: it must stay under with the most line in the air.
            return List.of(leads.get(leads.size() - 1));
        }
        return leads;
    }

    static String lack(Tied how, Schools schools) {
        return switch (how) {
            case FAST_LADDER -> "in-line weight of 0.7 to 1.4 kg, heavy mono and hollow braid";
            case THREE_WAY -> "lead of 0.4 kg or more";
            case IN_LINE_LEAD ->
                schools.is(School.DEEP, School.BY_PLANE) ? "diving plane or in-line lead" : "in-line lead";
            case WIRE -> "trolling wire";
            case ATTRACTOR -> "rotating blade and leader for it";
            case STEERING_BAR -> "heavy mono for bars";
            case BITE -> "bite leader: wire or cable";
            case PLAIN -> "leader line";
        };
    }
}
