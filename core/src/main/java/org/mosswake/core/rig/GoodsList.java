package org.mosswake.core.rig;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mosswake.core.units.Figure.Kind;
import org.mosswake.core.units.Sentence;

/** What is needed, summed by key, against what was counted. */
final class GoodsList {
    private final Map<String, Double> have;
    private final Map<String, Goods> goods = new LinkedHashMap<>();

    GoodsList(Map<String, Double> have) {
        this.have = have;
    }

    /** @param words as they are, with nothing left open */
    void need(String key, String words, Kind kind, double amount) {
        need(key, Sentence.of(Sentence.plain(words)), kind, amount);
    }

    void need(String key, Sentence words, Kind kind, double amount) {
        Goods before = goods.get(key);
        double all = amount + (before == null ? 0 : before.amount());
        goods.put(key, new Goods(key, words, kind, all, have.getOrDefault(key, 0.0), have.containsKey(key)));
    }

    /** What is short first. */
    List<Goods> all() {
        return goods.values().stream()
                .sorted((a, b) -> Boolean.compare(b.lacking() > 0, a.lacking() > 0))
                .toList();
    }
}
