package org.mosswake.server.rig;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Evening;
import org.mosswake.core.rig.Brine;
import org.mosswake.core.rig.Goods;
import org.mosswake.core.rig.Task;
import org.mosswake.core.rig.Tonight;
import org.mosswake.core.units.Figure;
import org.mosswake.server.platform.wire.SentenceReply;

/** What an evening holds: work on its clock, and what must be aboard. */
record TonightReply(
        List<TaskReply> tasks,
        List<GoodsReply> goods,
        @Nullable Brine brine,
        double minutes) {
    /** @param from when it is best begun */
    record TaskReply(
            Task.Sort sort,
            String key,
            SentenceReply title,
            SentenceReply detail,
            double minutes,
            List<String> lines,
            Instant from,
            Instant to) {}

    record GoodsReply(
            String key, String words, Figure.Kind kind, double amount, double have, boolean counted, double lacking) {
        static GoodsReply of(Goods goods) {
            return new GoodsReply(
                    goods.key(),
                    goods.words(),
                    goods.kind(),
                    goods.amount(),
                    goods.have(),
                    goods.counted(),
                    goods.lacking());
        }
    }

    static TonightReply of(Tonight tonight, List<Evening.Slot> evening) {
        var tasks = new ArrayList<TaskReply>();
        for (int i = 0; i < tonight.tasks().size(); i++) {
            Task task = tonight.tasks().get(i);
            tasks.add(new TaskReply(
                    task.sort(),
                    task.key(),
                    SentenceReply.of(task.title()),
                    SentenceReply.of(task.detail()),
                    task.minutes(),
                    task.lines(),
                    evening.get(i).from(),
                    evening.get(i).to()));
        }
        return new TonightReply(
                tasks,
                tonight.goods().stream().map(GoodsReply::of).toList(),
                tonight.brine().orElse(null),
                tonight.minutes());
    }
}
