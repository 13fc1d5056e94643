package org.mosswake.server.call;

import java.util.Arrays;
import java.util.List;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Part;
import org.mosswake.core.call.Topic;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Basis;
import org.mosswake.core.units.Figure;

/** What a call can be made from, and the numbers it is made with. */
record CatalogueReply(
        List<TopicReply> topics,
        List<SpeciesReply> species,
        List<PlaybookWords> playbooks,
        List<SchoolReply> schools,
        List<NumberReply> numbers) {
    /** @param most choices that hold at once */
    record TopicReply(Topic topic, String words, List<String> choices, int most, List<TopicPart> parts) {}

    /** @param of choices it belongs to; empty for all */
    record TopicPart(
            Part.Key key,
            String words,
            Figure.Kind figure,
            double least,
            double most,
            List<String> of,
            boolean needed) {}

    private static TopicPart part(Part part) {
        return new TopicPart(
                part.key(),
                part.words(),
                part.kind(),
                part.range().least(),
                part.range().most(),
                part.of(),
                part.needed());
    }

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
                                topic.most(),
                                topic.parts().stream().map(CatalogueReply::part).toList()))
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
