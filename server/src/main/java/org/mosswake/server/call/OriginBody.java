package org.mosswake.server.call;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.server.call.BuildEvent.StoryReply;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * Why the call made a spread as it is.
 *
 * @param version 0 where no story is kept
 * @param day     it was called for
 */
record OriginBody(
        Integer version,
        PlaybookId playbook,
        List<StoryReply> stories,
        List<SentenceReply> lacks,
        List<SentenceReply> notes,
        @Nullable LocalDate day)
        implements Checked {
    private static final int MOST = 60;

    /**
     * As kept.
     *
     * @param playbook absent where an earlier edition told the story and it cannot be read any more
     */
    record OriginReply(
            int version,
            Instant madeAt,
            @Nullable PlaybookId playbook,
            List<StoryReply> stories,
            List<SentenceReply> lacks,
            List<SentenceReply> notes) {}

    @Override
    public void check(Faults faults) {
        faults.required("version", version);
        faults.required("playbook", playbook);
        if (faults.count("stories", stories, 0, MOST)) {
            for (int i = 0; i < stories.size(); i++) {
                String path = "stories[" + i + "]";
                if (faults.required(path, stories.get(i))) {
                    faults.required(path + ".lineId", stories.get(i).lineId());
                    check(faults, path + ".says", stories.get(i).says());
                }
            }
        }
        check(faults, "lacks", lacks);
        check(faults, "notes", notes);
    }

    private static void check(Faults faults, String path, List<SentenceReply> says) {
        if (!faults.count(path, says, 0, MOST)) {
            return;
        }
        for (int i = 0; i < says.size(); i++) {
            String at = path + "[" + i + "]";
            if (!faults.required(at, says.get(i))) {
                continue;
            }
            faults.text(at + ".text", says.get(i).text(), 600);
            if (faults.count(at + ".figures", says.get(i).figures(), 0, 6)) {
                says.get(i).figures().forEach(figure -> {
                    if (faults.required(at + ".figures", figure)) {
                        faults.required(at + ".figures.kind", figure.kind());
                        faults.required(at + ".figures.si", figure.si());
                    }
                });
            }
        }
    }
}
