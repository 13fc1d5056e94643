package org.mosswake.core.deck;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.Goods;
import org.mosswake.core.rig.LostTackle;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.strikes.DayLog;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Happening.Renewed;
import org.mosswake.core.strikes.Loss;
import org.mosswake.core.strikes.StrikeState;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * What a day out used up, and what is to be done before the next one; from its facts alone.
 *
 * @param used  of each lure or bait that went overboard or on a hook, less what was taken off the box for it
 * @param goods line and hooks that went with them, as far as they are not off the evening's count yet; have is 0
 * @param gone  the losses that they went with
 * @param work  what to retie, sharpen, rinse and dry, most needed first
 */
public record AfterDay(List<Used> used, List<Goods> goods, List<UUID> gone, List<Sentence> work) {
    private static final Set<Loss> LURE_GONE = EnumSet.of(Loss.CUT_OFF, Loss.BROKE);
    /** Hooks that met so many fish are looked at (practice). */
    private static final int DULL_AFTER = 2;

    /** @param gone lost with a fish, or baits used */
    public record Used(LureItem item, int gone, boolean bait) {}

    /** @param label as the crew calls it */
    public record Line(String label, SpreadLine line) {}

    /** What a line was at a moment. */
    public interface Lines {
        Optional<Line> at(UUID line, Instant moment);
    }

    public AfterDay {
        used = List.copyOf(used);
        goods = List.copyOf(goods);
        gone = List.copyOf(gone);
        work = List.copyOf(work);
    }

    public static AfterDay of(DayLog log, Lines lines) {
        return new Looking(log, lines).all();
    }

    private static final class Looking {
        private final DayLog log;
        private final Lines lines;
        private final Map<UUID, Used> used = new LinkedHashMap<>();
        private final Map<String, Integer> fought = new TreeMap<>();
        private final Map<String, Integer> struck = new TreeMap<>();
        private final List<Sentence> work = new ArrayList<>();
        private final Map<String, Line> fished = new TreeMap<>();
        private final LostTackle tackle = new LostTackle();
        private final List<UUID> gone = new ArrayList<>();

        Looking(DayLog log, Lines lines) {
            this.log = log;
            this.lines = lines;
        }

        AfterDay all() {
            log.strikes().forEach(this::strike);
            log.standing().forEach(this::bait);
            log.standing().forEach(this::out);
            retie();
            rinse();
            Map<UUID, Long> taken = takenOff();
            return new AfterDay(
                    used.values().stream()
                            .map(one -> new Used(
                                    one.item(),
                                    one.gone()
                                            - taken.getOrDefault(one.item().id(), 0L)
                                                    .intValue(),
                                    one.bait()))
                            .filter(one -> one.gone() > 0)
                            .toList(),
                    tackle.all(),
                    gone,
                    work);
        }

        private void strike(StrikeState strike) {
            Optional<Line> line = lines.at(strike.line(), strike.at());
            if (line.isEmpty()) {
                return;
            }
            String label = line.get().label();
            struck.merge(label, 1, Integer::sum);
            Optional<Loss> how = strike.how();
            // Of one that nobody said how it was lost the line is looked at as well.
            if (how.filter(Loss.KNOCKED_OFF::equals).isEmpty()) {
                fought.merge(label, 1, Integer::sum);
            }
            if (strike.outcome() != StrikeState.Outcome.LOST
                    || how.filter(LURE_GONE::contains).isEmpty()) {
                return;
            }
            use(line.get().line().lure(), 1);
            if (log.standing().stream().noneMatch(fact -> isOff(fact, strike.id()))) {
                SpreadLine tied = line.get().line();
                tackle.add(tied.chain(), tied.rigging().hooks(), how.get() == Loss.BROKE);
                gone.add(strike.id());
            }
            if (how.get() == Loss.CUT_OFF) {
                work.add(Sentence.of("Tie a new bite leader on " + label
                        + ": it was cut off. Teeth may have met the main line too: look over the last metres."));
            } else {
                work.add(Sentence.of(
                        label
                                + " broke: up to {0} of its line may be gone. Wind it off to sound line, mark it anew, and set"
                                + " in the box what the reel holds now.",
                        Figure.distance(line.get().line().letOutM())));
            }
        }

        private void bait(Fact fact) {
            Optional<UUID> line = fact.what() instanceof Renewed renewed
                    ? Optional.of(renewed.lineId())
                    : fact.what() instanceof Happening.Set set ? Optional.of(set.lineId()) : Optional.empty();
            line.flatMap(id -> lines.at(id, fact.at()))
                    .map(one -> one.line().lure())
                    .filter(LureItem::isBait)
                    .ifPresent(lure -> use(lure, 1));
        }

        private void out(Fact fact) {
            if (fact.what() instanceof Happening.OfLine of) {
                lines.at(of.lineId(), fact.at()).ifPresent(line -> fished.put(line.label(), line));
            }
        }

        private static boolean isOff(Fact fact, UUID strike) {
            return fact.what() instanceof Happening.Tended tended
                    && tended.routine().equals(Happening.Tended.TACKLE_OFF + strike);
        }

        private void use(LureItem lure, int count) {
            boolean bait = lure.isBait();
            used.merge(
                    lure.id(),
                    new Used(lure, count, bait),
                    (one, other) -> new Used(one.item(), one.gone() + other.gone(), bait));
        }

        private Map<UUID, Long> takenOff() {
            var all = new HashMap<UUID, Long>();
            for (Fact fact : log.standing()) {
                if (fact.what() instanceof Happening.Tended tended
                        && tended.routine().startsWith(Happening.Tended.TAKEN_OFF)) {
                    String[] said = tended.routine()
                            .substring(Happening.Tended.TAKEN_OFF.length())
                            .split(" ");
                    id(said[0]).ifPresent(id -> all.merge(id, count(said), Long::sum));
                }
            }
            return all;
        }

        private static Optional<UUID> id(String text) {
            try {
                return Optional.of(UUID.fromString(text));
            } catch (IllegalArgumentException e) {
                return Optional.empty();
            }
        }

        private static long count(String[] said) {
            return said.length > 1 && said[1].matches("\\d{1,3}") ? Long.parseLong(said[1]) : 1;
        }

        private void retie() {
            if (!fought.isEmpty()) {
                work.add(Sentence.of("Cut back and retie what fought: "
                        + fought.entrySet().stream()
                                .map(one -> one.getKey() + ", " + one.getValue() + " fish")
                                .collect(Collectors.joining("; "))
                        + "."));
            }
            String dull = struck.entrySet().stream()
                    .filter(one -> one.getValue() >= DULL_AFTER)
                    .map(Map.Entry::getKey)
                    .collect(Collectors.joining(", "));
            if (!dull.isEmpty()) {
                work.add(Sentence.of("Sharpen the hooks of " + dull + ", or change them."));
            }
        }

        private void rinse() {
            if (fished.isEmpty()) {
                return;
            }
            work.add(Sentence.of(
                    "Loosen the drags of {0} " + (fished.size() == 1 ? "reel" : "reels")
                            + ", rinse reels, rods, clips and swivels with fresh water, and let lures and skirts dry"
                            + " before they are put away.",
                    Figure.count(fished.size())));
            boolean wire = fished.values().stream()
                    .flatMap(line -> line.line().tackle().stream())
                    .anyMatch(piece -> piece.line().kind().name().contains("WIRE"));
            if (wire) {
                work.add(Sentence.of(
                        "Run a cloth along the wire: a kink or a broken strand is cut out, not straightened."));
            }
        }
    }
}
