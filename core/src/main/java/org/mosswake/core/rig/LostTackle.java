package org.mosswake.core.rig;

import java.util.List;
import java.util.Map;
import org.mosswake.core.units.Figure.Kind;

/** Line and hooks that went with what was lost, by the keys under which an evening counts them. */
public final class LostTackle {
    private final GoodsList goods = new GoodsList(Map.of());

    /** @param broke it went above the leaders: all of them are gone; else only the lowest one was bitten through */
    public void add(Chain chain, Hooks hooks, boolean broke) {
        Leader.of(chain).stream()
                .filter(leader -> broke || leader.atLure())
                .forEach(leader -> goods.need(
                        LeaderTasks.lineKey(leader), LeaderTasks.lineWords(leader), Kind.DISTANCE, leader.lengthM()));
        goods.need(
                Tonight.hooksKey(hooks.kind()), "hooks, " + Tonight.hookWords(hooks.kind()), Kind.COUNT, hooks.count());
    }

    public List<Goods> all() {
        return goods.all();
    }
}
