package org.mosswake.server.putaway;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.database.Write;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class PutAwayService {
    /**
     * @param thing     gear, a spread or the boat
     * @param removable nothing kept needs it
     */
    public record PutAway(UUID thing, boolean removable) {}

    private final PutAwayMapper things;

    PutAwayService(PutAwayMapper things) {
        this.things = things;
    }

    @Transactional(readOnly = true)
    public List<PutAway> all(UUID vessel) {
        List<UUID> away = things.all(vessel);
        var unneeded = new HashSet<UUID>();
        if (!away.isEmpty()) {
            unneeded.addAll(things.unneeded(vessel));
            unneeded.addAll(things.unfished(vessel));
        }
        return away.stream()
                .map(thing -> new PutAway(thing, unneeded.contains(thing)))
                .toList();
    }

    @Transactional(readOnly = true)
    public Set<UUID> ids(UUID vessel) {
        return new HashSet<>(things.all(vessel));
    }

    /** Twice is once. */
    @Write
    public void put(UUID vessel, UUID thing) {
        if (!things.knows(vessel, thing)) {
            throw FaultException.of(FaultCode.NOT_FOUND, "thing", thing.toString());
        }
        things.put(vessel, thing);
    }

    /** Of what was not put away nothing changes. */
    @Write
    public void takeOut(UUID vessel, UUID thing) {
        things.takeOut(vessel, thing);
    }

    /** Gear for good, where it was put away and nothing kept needs it. */
    @Write
    public void remove(UUID vessel, UUID thing) {
        if (!ids(vessel).contains(thing)) {
            throw FaultException.of(FaultCode.NOT_FOUND, "thing", thing.toString());
        }
        if (!things.unneeded(vessel).contains(thing)) {
            throw FaultException.of(FaultCode.STILL_NEEDED, "thing");
        }
        try {
            things.remove(vessel, thing);
        } catch (DataIntegrityViolationException tiedMeanwhile) {
            throw FaultException.of(FaultCode.STILL_NEEDED, "thing");
        }
    }

    /** A spread for good, with its revisions and its story, where it was put away and nobody fished it. */
    @Write
    public void removeSpread(UUID vessel, UUID spread) {
        if (!ids(vessel).contains(spread)) {
            throw FaultException.of(FaultCode.NOT_FOUND, "spread", spread.toString());
        }
        if (!things.unfished(vessel).contains(spread)) {
            throw FaultException.of(FaultCode.STILL_NEEDED, "spread");
        }
        things.letGo(vessel.toString());
        things.removeRevisions(vessel, spread);
        things.removeSpread(vessel, spread);
        things.letGo("");
    }
}
