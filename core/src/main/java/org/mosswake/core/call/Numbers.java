package org.mosswake.core.call;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Playbooks;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Basis;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Named;
import org.mosswake.core.units.NumberBook;

/**
 * The numbers a call is made with: defaults of the playbooks, bands and rules, and what the skipper has set instead.
 *
 * @param set by the key of the number, in SI
 */
public record Numbers(Map<String, Double> set) {
    private static final NumberBook BOOK = new NumberBook(catalogue(), orders());
    public static final Numbers USUAL = new Numbers(Map.of());
    /** A soaring let-out is no help when weed is about: it is cut by this share for scattered weed. */
    public static final String WEED_SCATTERED_CUT = "WEED.scatteredCut";

    public static final String WEED_THICK_CUT = "WEED.thickCut";
    /** Minutes that one bait fishes well, by what it is. */
    static final String RENEW_LIVE = "BAIT.renewLiveMin";

    static final String RENEW_WHOLE = "BAIT.renewWholeMin";
    static final String RENEW_CUT = "BAIT.renewCutMin";

    public Numbers {
        BOOK.check(set);
        set = Map.copyOf(set);
    }

    /** What a number is; of one that is not known any more its key. */
    public static String words(String key) {
        return BOOK.words(key);
    }

    /** What can be used of a set that an earlier edition may have kept. */
    public static NumberBook.Usable usable(Map<String, Double> set) {
        return BOOK.usable(set);
    }

    /** Every number there is, in the order of the playbooks, the bands, and the rules. */
    public static List<Named> all() {
        return BOOK.all();
    }

    /** How long a bait fishes before it is renewed; empty for what is no bait. */
    public Optional<Duration> renewal(LureKind kind) {
        if (!Topic.BAITS.containsKey(kind)) {
            return Optional.empty();
        }
        String key = kind == LureKind.LIVE_BAIT ? RENEW_LIVE : kind == LureKind.CUT_BAIT ? RENEW_CUT : RENEW_WHOLE;
        return Optional.of(Duration.ofSeconds(Math.round(60 * of(key))));
    }

    public double of(String key) {
        return BOOK.of(set, key);
    }

    public Numbers with(String key, double value) {
        var all = new LinkedHashMap<>(set);
        all.put(key, value);
        return new Numbers(all);
    }

    int tenths(Rule rule, PlaybookId id) {
        Integer usual = rule.tenths().get(id);
        if (usual == null || set.isEmpty()) {
            return usual == null ? 0 : usual;
        }
        return (int) Math.round(set.getOrDefault(rule.key(id), (double) usual));
    }

    Species.Band band(Species species) {
        String name = species.name() + ".";
        return new Species.Band(of(name + "coldest"), of(name + "from"), of(name + "to"), of(name + "warmest"));
    }

    /** The playbook with the skipper's own numbers in it. */
    public Playbook playbook(PlaybookId id) {
        Playbook p = Playbooks.usual(id);
        if (set.keySet().stream().noneMatch(key -> key.startsWith(id.code() + "."))) {
            return p;
        }
        String name = id.code() + ".";
        var slots = new ArrayList<Slot>();
        for (int i = 0; i < p.slots().size(); i++) {
            Slot slot = p.slots().get(i);
            slots.add(
                    slot.reach().aim() == Slot.Aim.BY_LIGHT
                            ? slot
                            : slot.reaching(of(name + slotKey(i, "least")), of(name + slotKey(i, "most"))));
        }
        return new Playbook(
                id,
                p.targets(),
                of(name + "leastMps"),
                of(name + "startMps"),
                of(name + "mostMps"),
                (int) of(name + "leastLines"),
                (int) of(name + "usualLines"),
                (int) of(name + "mostLines"),
                of(name + "waterFromM"),
                of(name + "waterToM"),
                of(name + "keepM"),
                p.traits(),
                slots,
                Basis.YOURS);
    }

    private static String slotKey(int slot, String end) {
        return "slot" + (slot + 1) + "." + end;
    }

    private static Map<String, Named> catalogue() {
        var all = new LinkedHashMap<String, Named>();
        for (PlaybookId id : PlaybookId.values()) {
            playbook(all, Playbooks.usual(id));
        }
        for (Species species : Species.values()) {
            band(all, species);
        }
        put(
                all,
                WEED_SCATTERED_CUT,
                "scattered weed shortens surface let-outs by",
                Figure.Kind.SHARE,
                0.15,
                Basis.ESTIMATE,
                new Accepted(0, 0.6, ""));
        put(
                all,
                WEED_THICK_CUT,
                "thick weed shortens surface let-outs by",
                Figure.Kind.SHARE,
                0.35,
                Basis.ESTIMATE,
                new Accepted(0, 0.8, ""));
        renewal(all, RENEW_LIVE, "minutes until a live bait is renewed", 45);
        renewal(all, RENEW_WHOLE, "minutes until a whole dead bait is renewed", 60);
        renewal(all, RENEW_CUT, "minutes until cut bait is renewed", 30);
        for (Rule rule : Rules.ALL) {
            rule.tenths()
                    .forEach((id, tenths) -> put(
                            all,
                            rule.key(id),
                            rule.words() + ", for " + id.words(),
                            Figure.Kind.COUNT,
                            tenths,
                            Basis.ESTIMATE,
                            new Accepted(-99, 99, "")));
        }
        return all;
    }

    private static void renewal(Map<String, Named> all, String key, String words, double minutes) {
        put(all, key, words, Figure.Kind.COUNT, minutes, Basis.ESTIMATE, new Accepted(5, 240, "min"));
    }

    /** The least speed under the first one under the most, and so on. */
    private static List<List<String>> orders() {
        var orders = new ArrayList<List<String>>();
        for (PlaybookId id : PlaybookId.values()) {
            String name = id.code() + ".";
            orders.add(List.of(name + "leastMps", name + "startMps", name + "mostMps"));
            orders.add(List.of(name + "leastLines", name + "usualLines", name + "mostLines"));
            orders.add(List.of(name + "waterFromM", name + "waterToM"));
            List<Slot> slots = Playbooks.usual(id).slots();
            for (int i = 0; i < slots.size(); i++) {
                if (slots.get(i).reach().aim() != Slot.Aim.BY_LIGHT) {
                    orders.add(List.of(name + slotKey(i, "least"), name + slotKey(i, "most")));
                }
            }
        }
        for (Species species : Species.values()) {
            String name = species.name() + ".";
            orders.add(List.of(name + "coldest", name + "from", name + "to", name + "warmest"));
        }
        return orders;
    }

    private static void playbook(Map<String, Named> all, Playbook p) {
        String name = p.id().code() + ".";
        String of = p.id().words() + ": ";
        var speed = new Accepted(0.3, 11, "m/s");
        put(all, name + "leastMps", of + "slowest", Figure.Kind.SPEED, p.leastMps(), p.sure(), speed);
        put(all, name + "startMps", of + "speed to start with", Figure.Kind.SPEED, p.startMps(), p.sure(), speed);
        put(all, name + "mostMps", of + "fastest", Figure.Kind.SPEED, p.mostMps(), p.sure(), speed);
        var lines = new Accepted(1, 12, "");
        put(all, name + "leastLines", of + "fewest lines", Figure.Kind.COUNT, p.leastLines(), p.sure(), lines);
        put(all, name + "usualLines", of + "usual lines", Figure.Kind.COUNT, p.usualLines(), p.sure(), lines);
        put(all, name + "mostLines", of + "most lines", Figure.Kind.COUNT, p.mostLines(), p.sure(), lines);
        var water = new Accepted(1, 11_000, "m");
        put(all, name + "waterFromM", of + "water from", Figure.Kind.DISTANCE, p.waterFromM(), Basis.ESTIMATE, water);
        put(all, name + "waterToM", of + "water to", Figure.Kind.DISTANCE, p.waterToM(), Basis.ESTIMATE, water);
        put(
                all,
                name + "keepM",
                of + "line kept on the reel",
                Figure.Kind.DISTANCE,
                p.keepM(),
                Basis.PRACTICE,
                new Accepted(0, 1000, "m"));
        for (int i = 0; i < p.slots().size(); i++) {
            slot(all, name, of, i, p.slots().get(i), p.sure());
        }
    }

    private static void slot(Map<String, Named> all, String name, String of, int i, Slot slot, Basis sure) {
        Slot.Reach reach = slot.reach();
        if (reach.aim() == Slot.Aim.BY_LIGHT) {
            return;
        }
        boolean share = reach.aim() == Slot.Aim.SHARE;
        var range = share ? new Accepted(0.05, 0.95, "") : new Accepted(0.1, 300, "m");
        var kind = share ? Figure.Kind.SHARE : Figure.Kind.DISTANCE;
        String what = of + slot.role() + ", " + aimWords(reach.aim());
        put(all, name + slotKey(i, "least"), what + " from", kind, reach.least(), sure, range);
        put(all, name + slotKey(i, "most"), what + " to", kind, reach.most(), sure, range);
    }

    private static String aimWords(Slot.Aim aim) {
        return switch (aim) {
            case LET_OUT -> "let-out";
            case DEPTH -> "depth";
            case OFF_BOTTOM -> "off the bottom";
            case SHARE -> "share of the depth";
            case BY_LIGHT -> "depth by the light";
        };
    }

    private static void band(Map<String, Named> all, Species species) {
        String name = species.name() + ".";
        Species.Band band = species.usualBand();
        var range = new Accepted(-2, 36, "°C");
        String of = species.words() + ": ";
        put(
                all,
                name + "coldest",
                of + "hardly met under",
                Figure.Kind.TEMPERATURE,
                band.coldest(),
                Basis.ESTIMATE,
                range);
        put(all, name + "from", of + "comfortable from", Figure.Kind.TEMPERATURE, band.from(), Basis.ESTIMATE, range);
        put(all, name + "to", of + "comfortable to", Figure.Kind.TEMPERATURE, band.to(), Basis.ESTIMATE, range);
        put(
                all,
                name + "warmest",
                of + "hardly met over",
                Figure.Kind.TEMPERATURE,
                band.warmest(),
                Basis.ESTIMATE,
                range);
    }

    private static void put(
            Map<String, Named> all,
            String key,
            String words,
            Figure.Kind kind,
            double usual,
            Basis basis,
            Accepted range) {
        all.put(key, new Named(key, words, kind, usual, basis, range));
    }
}
