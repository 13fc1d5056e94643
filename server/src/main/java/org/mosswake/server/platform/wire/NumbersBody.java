package org.mosswake.server.platform.wire;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/**
 * Every number the skipper set, in SI; what is left out goes back to its default.
 *
 * @param version the change was made from
 */
public record NumbersBody(Integer version, List<NumberBody> set) implements Checked {
    private static final int MOST = 2000;

    public record NumberBody(String key, Double value) {}

    @Override
    public void check(Faults faults) {
        faults.required("version", version);
        if (!faults.count("set", set, 0, MOST)) {
            return;
        }
        for (int i = 0; i < set.size(); i++) {
            String path = "set[" + i + "]";
            if (faults.required(path, set.get(i))) {
                faults.text(path + ".key", set.get(i).key(), 80);
                faults.required(path + ".value", set.get(i).value());
            }
        }
    }

    /** @throws FaultException naming a key that comes twice */
    public Map<String, Double> values() {
        var values = new LinkedHashMap<String, Double>();
        for (int i = 0; i < set.size(); i++) {
            if (values.put(set.get(i).key(), set.get(i).value()) != null) {
                throw FaultException.of(
                        FaultCode.TWICE, "set[" + i + "].key", set.get(i).key());
            }
        }
        return values;
    }
}
