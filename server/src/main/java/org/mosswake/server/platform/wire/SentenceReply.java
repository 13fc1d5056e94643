package org.mosswake.server.platform.wire;

import java.util.List;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** A sentence with its figures left open; the page prints them in the reader's units. */
public record SentenceReply(String text, List<FigureReply> figures) {
    public record FigureReply(Figure.Kind kind, Double si) {}

    public static SentenceReply of(Sentence sentence) {
        return new SentenceReply(
                sentence.text(),
                sentence.figures().stream()
                        .map(figure -> new FigureReply(figure.kind(), figure.si()))
                        .toList());
    }

    public static List<SentenceReply> of(List<Sentence> sentences) {
        return sentences.stream().map(SentenceReply::of).toList();
    }
}
