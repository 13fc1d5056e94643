package org.mosswake.core.rig;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.sure.Unknown;
import org.mosswake.core.units.Basis;
import org.mosswake.core.units.Figure.Kind;
import org.mosswake.core.units.Named;
import org.mosswake.core.units.NumberBook;

/**
 * The numbers of the bench: defaults, and what the skipper has set instead.
 *
 * @param set by the key of the number
 */
public record RigNumbers(Map<String, Double> set) {
    private static final NumberBook BOOK = new NumberBook(catalogue(), orders());
    public static final RigNumbers USUAL = new RigNumbers(Map.of());

    public static final String ABOVE_PULL = "take.abovePull";
    public static final String LADDER_ABOVE_PULL = "take.ladderAbovePull";
    public static final String LOOSE_LEAST = "take.looseLeast";
    public static final String LOOSE_MOST = "take.looseMost";
    public static final String LOOSE_ROOM_N = "take.looseRoomN";
    public static final String SHARE_OF_WEAKEST = "take.shareOfWeakest";
    public static final String LADDER_OF_MOST = "take.ladderOfMost";
    public static final String USUAL_SHARE = "take.usualShare";
    public static final String HAND_M = "pulls.handM";
    public static final String COUNTED_M = "pulls.countedM";
    public static final String WASTE = "count.waste";
    public static final String TAG_M = "count.tagM";
    public static final String BITES = "count.bites";
    public static final String LOSS_TEETH_CLEAR = "count.lossTeethClear";
    public static final String LOSS_TEETH_METAL = "count.lossTeethMetal";
    public static final String LOSS_PLAIN = "count.lossPlain";
    public static final String TETHER_N = "tether.ratedN";
    public static final String SPLICE_SHARE = "tether.coatedCableShare";
    public static final String ICE = "brine.iceKg";
    public static final String SALT = "brine.saltKg";
    public static final String WATER = "brine.waterKg";
    public static final String SCENT = "brine.scentShare";
    public static final String LEADER_MIN = "minutes.leader";
    public static final String MARK_MIN = "minutes.mark";
    public static final String TEST_MIN = "minutes.pullTest";
    public static final String HOOK_MIN = "minutes.hook";
    public static final String BRINE_MIN = "minutes.brine";
    public static final String SPOOL_MIN = "minutes.spool";

    /** Near the bottom a line may touch it with these odds. */
    public static final String TOUCH_ODDS = "sure.touchOdds";

    public RigNumbers {
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

    public static List<Named> all() {
        return BOOK.all();
    }

    public RigNumbers with(String key, double value) {
        var all = new LinkedHashMap<>(set);
        all.put(key, value);
        return new RigNumbers(all);
    }

    public double of(String key) {
        return BOOK.of(set, key);
    }

    public double efficiency(JointKind kind) {
        return of(joint(kind));
    }

    public double modulusPa(Material material) {
        return 1e9 * of(modulus(material));
    }

    public static String joint(JointKind kind) {
        return "joint." + kind.name();
    }

    /** Of how far something is usually off. */
    public static String sure(Unknown what) {
        return "sure." + what.name();
    }

    public static String modulus(Material material) {
        return "modulus." + material.name();
    }

    private static List<List<String>> orders() {
        return List.of(List.of(LOOSE_LEAST, LOOSE_MOST));
    }

    private static Map<String, Named> catalogue() {
        var all = new LinkedHashMap<String, Named>();
        var share = new Accepted(0.1, 1, "");
        for (JointKind kind : JointKind.values()) {
            put(all, joint(kind), kind.words(), Kind.SHARE, kind.usualEfficiency(), Basis.ESTIMATE, share);
        }
        for (Material material : Material.values()) {
            put(
                    all,
                    modulus(material),
                    "stretch modulus of " + material.words() + ", GPa",
                    Kind.COUNT,
                    material.usualModulusPa() / 1e9,
                    Basis.PRACTICE,
                    new Accepted(0.5, 250, "GPa"));
        }
        var factor = new Accepted(1, 3, "");
        put(all, ABOVE_PULL, "drag over the water's pull, times", Kind.COUNT, 1.2, Basis.PRACTICE, factor);
        put(all, LADDER_ABOVE_PULL, "the same on a fast ladder", Kind.COUNT, 1.05, Basis.PRACTICE, factor);
        put(all, LOOSE_LEAST, "loose take: at least, times the pull", Kind.COUNT, 1.05, Basis.PRACTICE, factor);
        // A tenth more speed pulls 21 % more: a surge of the boat must not draw line.
        put(all, LOOSE_MOST, "loose take: first setting, times the pull", Kind.COUNT, 1.21, Basis.PRACTICE, factor);
        put(
                all,
                LOOSE_ROOM_N,
                "loose take: or so much over the pull, where that is more",
                Kind.PULL,
                3,
                Basis.ESTIMATE,
                new Accepted(0, 100, "N"));
        put(all, SHARE_OF_WEAKEST, "drag at most, of the weakest part", Kind.SHARE, 0.33, Basis.PRACTICE, share);
        put(all, LADDER_OF_MOST, "drag of a fast ladder, of the most", Kind.SHARE, 0.95, Basis.ESTIMATE, share);
        put(all, USUAL_SHARE, "drag usually, of the weakest part", Kind.SHARE, 0.28, Basis.PRACTICE, share);
        var hand = new Accepted(0.2, 1.2, "m");
        put(all, HAND_M, "a hand's pull of line", Kind.SMALL, Pulls.HAND_M, Basis.PRACTICE, hand);
        put(all, COUNTED_M, "what a counted pull stands for", Kind.SMALL, Pulls.COUNTED_M, Basis.PRACTICE, hand);
        put(all, WASTE, "line wasted while tying", Kind.SHARE, 0.1, Basis.ESTIMATE, new Accepted(0, 1, ""));
        put(all, TAG_M, "line in a knot or crimp", Kind.SMALL, 0.3, Basis.ESTIMATE, new Accepted(0, 2, "m"));
        put(all, BITES, "bites expected in a day", Kind.COUNT, 6, Basis.ESTIMATE, new Accepted(0, 100, ""));
        var loss = new Accepted(0, 1, "");
        put(all, LOSS_TEETH_CLEAR, "clear leaders worn by a toothy bite", Kind.SHARE, 0.5, Basis.ESTIMATE, loss);
        put(all, LOSS_TEETH_METAL, "wire leaders worn by a toothy bite", Kind.SHARE, 0.2, Basis.ESTIMATE, loss);
        put(all, LOSS_PLAIN, "leaders worn by any other bite", Kind.SHARE, 0.15, Basis.ESTIMATE, loss);
        put(
                all,
                TETHER_N,
                "rod tether, rated",
                Kind.PULL,
                180 * 9.80665,
                Basis.PRACTICE,
                new Accepted(100, 20_000, "N"));
        put(all, SPLICE_SHARE, "left of a thin coated cable at its splice", Kind.SHARE, 0.5, Basis.ESTIMATE, share);
        var recipe = new Accepted(0, 10, "");
        put(all, ICE, "ice for each kilogram of bait, kg", Kind.COUNT, 1, Basis.ESTIMATE, recipe);
        put(all, SALT, "coarse salt for each kilogram of bait, kg", Kind.COUNT, 0.35, Basis.ESTIMATE, recipe);
        put(all, WATER, "sea water for each kilogram of bait, kg", Kind.COUNT, 0.8, Basis.ESTIMATE, recipe);
        put(all, SCENT, "scent in the water of a soak", Kind.SHARE, 0.125, Basis.PRACTICE, new Accepted(0, 1, ""));
        var minutes = new Accepted(0, 240, "min");
        put(all, LEADER_MIN, "minutes for a leader, crimped and pulled", Kind.COUNT, 6, Basis.PRACTICE, minutes);
        put(all, MARK_MIN, "minutes to measure and mark a let-out", Kind.COUNT, 5, Basis.ESTIMATE, minutes);
        put(all, TEST_MIN, "minutes to pull-test a chain", Kind.COUNT, 3, Basis.ESTIMATE, minutes);
        put(all, HOOK_MIN, "minutes to sharpen a hook", Kind.COUNT, 1, Basis.ESTIMATE, minutes);
        put(all, BRINE_MIN, "minutes to mix brine and lay the baits", Kind.COUNT, 25, Basis.ESTIMATE, minutes);
        put(all, SPOOL_MIN, "minutes to spool a reel tight", Kind.COUNT, 20, Basis.ESTIMATE, minutes);
        var odds = new Accepted(0.01, 0.5, "");
        put(
                all,
                TOUCH_ODDS,
                "odds of touching bottom that are accepted near it",
                Kind.SHARE,
                0.2,
                Basis.ESTIMATE,
                odds);
        for (Unknown what : Unknown.values()) {
            Kind kind = what.inMetres() ? Kind.SMALL : Kind.SHARE;
            var range = new Accepted(0, 1, what.inMetres() ? "m" : "");
            put(all, sure(what), "how sure: " + what.words(), kind, what.usual(), Basis.ESTIMATE, range);
        }
        return all;
    }

    private static void put(
            Map<String, Named> all, String key, String words, Kind kind, double usual, Basis basis, Accepted range) {
        all.put(key, new Named(key, words, kind, usual, basis, range));
    }
}
