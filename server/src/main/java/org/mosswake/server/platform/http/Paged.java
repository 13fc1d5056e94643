package org.mosswake.server.platform.http;

import java.util.List;
import java.util.function.BiFunction;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.springframework.http.ResponseEntity;

/** One page of a list. A list shows what lists show; how much there is stands in the header {@value #TOTAL}. */
public final class Paged {
    public static final String TOTAL = "X-Total-Count";
    public static final String USUAL = "100";
    private static final Accepted FROM = new Accepted(0, 10_000_000, "");
    private static final Accepted COUNT = new Accepted(1, 200, "");

    private Paged() {}

    /**
     * @param from  places left out before the page
     * @param total of the whole list
     * @param read  takes how many to leave out and how many to read
     */
    public static <T> ResponseEntity<List<T>> of(
            Integer from, Integer count, int total, BiFunction<Integer, Integer, List<T>> read) {
        var faults = new Faults();
        FROM.check(faults, "from", (double) from);
        COUNT.check(faults, "count", (double) count);
        faults.throwIfAny();
        return ResponseEntity.ok().header(TOTAL, Integer.toString(total)).body(read.apply(from, count));
    }
}
