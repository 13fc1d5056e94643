package org.mosswake.core.call;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.playbook.PlaybookId;

/** A situation of {@code call/situations.txt} and what a crew would do in it. */
public record Practice(
        String day, Situation s, boolean staysIn, List<PlaybookId> takes, List<PlaybookId> never, int most) {
    public static List<Practice> all() {
        var in = Practice.class.getResourceAsStream("/call/situations.txt");
        return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .map(Practice::read)
                .toList();
    }

    private static Practice read(String line) {
        String[] cells = Arrays.stream(line.split("\\|")).map(String::strip).toArray(String[]::new);
        Conditions known = known(cells[3]);
        Light light = Light.valueOf(cells[2]);
        return new Practice(
                cells[0],
                Days.of(cells[1], light, known),
                cells[4].equals("STAY_IN"),
                ids(cells[4]),
                ids(cells[5]),
                Integer.parseInt(cells[6]));
    }

    /** None for whatever comes first. */
    private static List<PlaybookId> ids(String cell) {
        return List.of("*", "-", "STAY_IN").contains(cell)
                ? List.of()
                : Arrays.stream(cell.split(" ")).map(PlaybookId::valueOf).toList();
    }

    private static Conditions known(String cell) {
        Conditions known = Conditions.NOTHING;
        for (String fact : cell.split(" ")) {
            String[] both = fact.split("=");
            Topic topic = Topic.valueOf(both[0]);
            known = known.with(topic, answer(topic, both[1].split(":")));
        }
        return known;
    }

    private static Answer answer(Topic topic, String[] values) {
        Answer answer = new Answer(Optional.empty(), List.of(), Map.of());
        if (!topic.choices().isEmpty() && !values[0].isEmpty()) {
            String[] seen = values[0].split("[+]");
            answer = new Answer(Optional.of(seen[0]), List.of(seen).subList(1, seen.length), Map.of());
        }
        int first = topic.choices().isEmpty() ? 0 : 1;
        for (int i = first; i < values.length; i++) {
            answer = answer.with(topic.parts().get(i - first).key(), Double.parseDouble(values[i]));
        }
        return answer;
    }

    @Override
    public String toString() {
        return day;
    }

    /** What is not as a crew would have it; empty where all is. */
    public List<String> disagreements() {
        Score first = Ranking.of(s).first();
        PlaybookId leads = first.playbook().id();
        int lines = LineCount.of(s, first.playbook()).lines();
        var wrong = new ArrayList<String>();
        if (!takes.isEmpty() && !takes.contains(leads)) {
            wrong.add(leads + " leads instead of " + takes + ": " + first.reasons());
        }
        if (never.contains(leads)) {
            wrong.add(leads + " must not lead");
        }
        if (lines < 1 || lines > most) {
            wrong.add(lines + " lines, at most " + most);
        }
        boolean stays = Call.verdict(s).stream().anyMatch(said -> said.text().startsWith("Stay in"));
        if (stays != staysIn) {
            wrong.add(stays ? "stays in" : "does not stay in");
        }
        return wrong;
    }
}
