package org.mosswake.server.rig;

import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/**
 * What of an item was counted aboard.
 *
 * @param amount  in metres, pieces or kilograms; absent: not counted
 * @param version of the count; 0 where nobody counted
 */
record StockBody(String item, @Nullable Double amount, Integer version) implements Checked {
    private static final Accepted AMOUNT = new Accepted(0, 100_000, "");

    @Override
    public void check(Faults faults) {
        faults.text("item", item, TickBody.LONGEST_KEY);
        AMOUNT.checkOptional(faults, "amount", amount);
        faults.required("version", version);
    }
}
