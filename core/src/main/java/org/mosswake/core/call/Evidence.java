package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;

/** What sea, life and hour say of a method: the weights a log can correct. Boat, box, safety and law are no matter of luck. */
public final class Evidence {
    private static final Set<Topic> LEARNT = EnumSet.of(
            Topic.TARGET,
            Topic.SURFACE,
            Topic.STEP,
            Topic.CLARITY,
            Topic.SKY,
            Topic.STREAM,
            Topic.DEPTH,
            Topic.STRUCTURE,
            Topic.BIRDS,
            Topic.BAIT,
            Topic.FORAGE,
            Topic.FLOATING,
            Topic.WEED,
            Topic.FRESH,
            Topic.LIGHT,
            Topic.MOON);

    private Evidence() {}

    /** A weight that holds, by the key of its number. */
    public record Piece(String key, int tenths) {}

    /** Of a method in a situation, by the numbers of the situation. */
    public static List<Piece> of(Situation s, PlaybookId id) {
        Playbook p = s.numbers().playbook(id);
        var pieces = new ArrayList<Piece>();
        var asked = new Rule.Asked(s, p);
        for (Rule rule : Rules.ALL) {
            int tenths = LEARNT.contains(rule.topic()) ? s.numbers().tenths(rule, id) : 0;
            if (tenths != 0 && rule.says().apply(asked).isPresent()) {
                pieces.add(new Piece(rule.key(id), tenths));
            }
        }
        return pieces;
    }

    /** All of them together (tenths). */
    public static int sum(List<Piece> pieces) {
        return pieces.stream().mapToInt(Piece::tenths).sum();
    }

    /** Every weight that may be learnt, as shipped (tenths). */
    public static Map<String, Integer> shipped() {
        var all = new TreeMap<String, Integer>();
        Rules.ALL.stream()
                .filter(rule -> LEARNT.contains(rule.topic()))
                .forEach(rule -> rule.tenths().forEach((id, tenths) -> all.put(rule.key(id), tenths)));
        return all;
    }
}
