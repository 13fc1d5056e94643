package org.mosswake.server.rig;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Evening;
import org.mosswake.core.rig.Brine;
import org.mosswake.core.rig.Goods;
import org.mosswake.core.rig.Task;
import org.mosswake.core.rig.Tonight;
import org.mosswake.core.units.Figure;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * What an evening holds: work on its clock, and what must be aboard.
 *
 * @param tooLong who could help and what is missed least, where the work is longer than an evening
 */
record TonightReply(
        List<TaskReply> tasks,
        List<GoodsReply> goods,
        @Nullable Brine brine,
        double minutes,
        @Nullable SentenceReply tooLong) {
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

    /** @param version of the count, to change it by; 0 where nobody counted */
    record GoodsReply(
            String key,
            SentenceReply words,
            Figure.Kind kind,
            double amount,
            double have,
            boolean counted,
            double lacking,
            int version) {
        static GoodsReply of(Goods goods, @Nullable StockBody counted) {
            return new GoodsReply(
                    goods.key(),
                    SentenceReply.of(goods.words()),
                    goods.kind(),
                    goods.amount(),
                    goods.have(),
                    goods.counted(),
                    goods.lacking(),
                    counted == null ? 0 : counted.version());
        }
    }

    static TonightReply of(Tonight tonight, List<Evening.Slot> evening, Map<String, StockBody> stock) {
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
                tonight.goods().stream()
                        .map(goods -> GoodsReply.of(goods, stock.get(goods.key())))
                        .toList(),
                tonight.brine().orElse(null),
                tonight.minutes(),
                tonight.tooLong(Evening.HOLDS).map(SentenceReply::of).orElse(null));
    }
}
