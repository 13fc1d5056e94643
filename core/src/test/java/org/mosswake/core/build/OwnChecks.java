package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.call.Call;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Doubts;
import org.mosswake.core.call.LineCount;
import org.mosswake.core.call.Reason;
import org.mosswake.core.call.Situation;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.spread.Finding;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.units.Sentence;

/** A call and what is built from it, held against the product's own checks and against each other, by rule. */
final class OwnChecks {
    private static final FirstSpread.Watch NOBODY = new FirstSpread.Watch() {
        @Override
        public void picture(Spread spread) {}

        @Override
        public boolean goOn(double share) {
            return share < 0.1;
        }
    };

    private final Situation s;
    private final Call call;
    private final FirstSpread.Made made;
    private final List<String> wrong = new ArrayList<>();

    private OwnChecks(Situation s) {
        this.s = s;
        call = Call.of(s, List.of(s.moment()), Optional.empty());
        made = made(s, call.taken(), call.lines().lines());
    }

    static FirstSpread.Made made(Situation s, Playbook p, int lines) {
        var ids = new int[1];
        return FirstSpread.make(
                new FirstSpread.Wish(
                        s, p, lines, List.of(), new LightDepth.Band(9, 18), () -> Days.id("line " + ids[0]++)),
                NOBODY);
    }

    /** What is wrong with the answer to a situation, in words; empty where nothing is. */
    static List<String> wrongWith(Situation s) {
        var checks = new OwnChecks(s);
        checks.findings();
        checks.nothingTied();
        checks.captions();
        checks.aboardAndLacking();
        checks.knownAndAsked();
        checks.promisedAndBuilt();
        return checks.wrong;
    }

    /** Nothing skips, fouls at the start, or hangs out of its depth, unless a sentence says what made it unavoidable. */
    private void findings() {
        List<String> notes = made.notes().stream().map(Sentence::text).toList();
        List<Finding> findings = new SpreadSolver().solve(made.spread()).findings();
        for (Finding finding : findings) {
            if (finding.kind().warns() && !explained(finding, notes)) {
                wrong.add("warns unsaid: " + finding);
            }
        }
        boolean skips = findings.stream().anyMatch(finding -> finding.kind() == Finding.Kind.SKIPS);
        if (skips && findings.stream().anyMatch(finding -> finding.kind() == Finding.Kind.SPEED_WINDOW)) {
            wrong.add("every lure works, and one skips");
        }
    }

    private boolean explained(Finding finding, List<String> notes) {
        return switch (finding.kind()) {
            case SKIPS -> notes.stream().anyMatch(note -> note.contains("leave the water now and then"));
            case CLIP_LETS_GO ->
                made.stories().stream()
                        .filter(story -> finding.lines().contains(story.line()))
                        .allMatch(story -> story.says().stream()
                                .anyMatch(said -> said.text().contains("may let go early")));
            // The boat's own, said with what would slow her.
            case IDLE_TOO_FAST -> finding.text().text().contains("drogue");
            default -> false;
        };
    }

    private void nothingTied() {
        if (made.spread().lines().isEmpty()) {
            if (made.lacks().isEmpty()) {
                wrong.add("nothing built, and nothing said to lack");
            }
            if (call.verdict().stream().noneMatch(said -> said.text().contains("can be tied"))) {
                wrong.add("nothing can be tied, unsaid above the method");
            }
        }
    }

    /** A story names the lure that is tied, and no other of the box. */
    private void captions() {
        for (FirstSpread.Story story : made.stories()) {
            SpreadLine line = line(story.line());
            List<String> tied = tied(line);
            String said = story.says().stream().map(Sentence::text).reduce("", (a, b) -> a + " " + b);
            boolean another = s.box().lures().stream()
                    .map(lure -> lure.item().name())
                    .filter(name -> tied.stream().noneMatch(one -> one.contains(name)))
                    .anyMatch(name -> said.contains(Sentence.plain(name) + ", {0}"));
            boolean unnamed = tied.stream().anyMatch(name -> !said.contains(Sentence.plain(name)));
            if (unnamed || another) {
                wrong.add("the story of " + tied + " names another or not all: " + said);
            }
        }
    }

    /** Lures that fish, the trailer of a three-way too. */
    private static List<String> tied(SpreadLine line) {
        var tied = new ArrayList<String>();
        tied.add(line.lure().name());
        line.tackle()
                .forEach(piece -> piece.branch()
                        .ifPresent(branch -> tied.add(branch.lure().name())));
        return tied;
    }

    private SpreadLine line(UUID id) {
        return made.spread().lines().stream()
                .filter(line -> line.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void aboardAndLacking() {
        List<String> reasons =
                call.ranking().first().reasons().stream().map(Reason::rule).toList();
        boolean baits = reasons.contains("LIVE_ENOUGH") || reasons.contains("LIVE_FEW");
        if (baits && made.lacks().stream().anyMatch(lack -> lack.text().equalsIgnoreCase("live bait"))) {
            wrong.add("live baits aboard, and live bait lacking");
        }
        if (reasons.contains("BOX_FULL")
                && call.lacks().stream().anyMatch(lack -> !lack.text().startsWith("bite"))) {
            wrong.add("the box has every lure, and lacks " + call.lacks());
        }
    }

    private void knownAndAsked() {
        for (Doubts.Unknown unknown : call.worthFinding()) {
            if (s.conditions().knows(unknown.topic())) {
                wrong.add("known and asked: " + unknown.topic());
            }
        }
    }

    private void promisedAndBuilt() {
        int built = made.spread().lines().size();
        LineCount promised = call.lines();
        if (built < promised.lines() && made.lacks().isEmpty() && made.notes().isEmpty()) {
            wrong.add(promised.lines() + " lines promised, " + built + " built, unsaid");
        }
        double top = s.outfit().boat().topMps();
        if (made.spread().speed().mps() > top + 1e-6) {
            wrong.add("built faster than she goes");
        }
    }
}
