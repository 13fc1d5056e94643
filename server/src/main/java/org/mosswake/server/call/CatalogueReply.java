package org.mosswake.server.call;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.PlaybookId;
import org.mosswake.core.call.School;
import org.mosswake.core.call.Species;
import org.mosswake.core.call.Topic;
import org.mosswake.core.units.Basis;
import org.mosswake.core.units.Figure;

/** What a call can be made from, and the numbers it is made with. */
record CatalogueReply(
        List<TopicReply> topics,
        List<SpeciesReply> species,
        List<PlaybookWords> playbooks,
        List<SchoolReply> schools,
        List<NumberReply> numbers) {
    /** @param least of its number, with {@code most}; absent for a topic without one */
    record TopicReply(
            Topic topic,
            String words,
            List<String> choices,
            Figure.@Nullable Kind figure,
            @Nullable Double least,
            @Nullable Double most) {}

    record SpeciesReply(Species species, String words) {}

    record PlaybookWords(PlaybookId playbook, String words) {}

    record SchoolReply(School school, String asks, List<String> sides) {}

    record NumberReply(
            String key, String words, Figure.Kind figure, Double usual, Basis basis, Double least, Double most) {}

    static CatalogueReply all() {
        return new CatalogueReply(
                Arrays.stream(Topic.values())
                        .filter(Topic::asked)
                        .map(topic -> new TopicReply(
                                topic,
                                topic.words(),
                                topic.choices(),
                                topic.figure().orElse(null),
                                topic.range() == null ? null : topic.range().least(),
                                topic.range() == null ? null : topic.range().most()))
                        .toList(),
                Arrays.stream(Species.values())
                        .map(species -> new SpeciesReply(species, species.words()))
                        .toList(),
                Arrays.stream(PlaybookId.values())
                        .map(id -> new PlaybookWords(id, id.words()))
                        .toList(),
                Arrays.stream(School.values())
                        .map(school -> new SchoolReply(school, school.asks(), school.sides()))
                        .toList(),
                Numbers.all().stream()
                        .map(named -> new NumberReply(
                                named.key(),
                                named.words(),
                                named.kind(),
                                named.usual(),
                                named.basis(),
                                named.range().least(),
                                named.range().most()))
                        .toList());
    }
}
