package org.mosswake.server.spread;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.spread.Branch;
import org.mosswake.core.spread.DeepRig;
import org.mosswake.core.spread.Here;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.gear.ReelAboard;
import org.mosswake.server.gear.Usable;
import org.mosswake.server.spread.SpreadDraft.BranchDraft;
import org.mosswake.server.spread.SpreadDraft.DeepDraft;
import org.mosswake.server.spread.SpreadDraft.LineDraft;
import org.mosswake.server.spread.SpreadDraft.PieceDraft;
import org.springframework.stereotype.Component;

/** Puts a draft of ids together with the boat's holders and gear, noting every id that is not aboard. */
@Component
public class SpreadAssembler {
    private final Aboard aboard;

    SpreadAssembler(Aboard aboard) {
        this.aboard = aboard;
    }

    public Spread assemble(UUID vessel, SpreadDraft draft) {
        return new Assembly(aboard.of(vessel), new Faults()).spread(draft);
    }

    /** With the boat and gear as they were. */
    public Spread assemble(UUID vessel, SpreadDraft draft, Map<UUID, Integer> seen, Instant at) {
        return new Assembly(aboard.asSeen(vessel, seen, at), new Faults()).spread(draft);
    }

    /** One line by itself; {@code path} ends without a dot. */
    public SpreadLine line(UUID vessel, String path, LineDraft draft) {
        var faults = new Faults();
        Optional<SpreadLine> made = new Assembly(aboard.of(vessel), faults).line(path, draft);
        faults.throwIfAny();
        return made.orElseThrow();
    }

    private static final class Assembly {
        private final Faults faults;
        private final int engines;
        private final Optional<Idle> idle;
        private final Optional<Double> propSpreadM;
        private final Map<UUID, Holder> holders;
        private final Map<UUID, LureItem> lures;
        private final Map<UUID, LineItem> lines;
        private final List<ReelAboard> reels;
        private final Map<UUID, Usable<?>> unusable;
        private final RigNumbers numbers;

        Assembly(Aboard.Things things, Faults faults) {
            this.faults = faults;
            engines = things.engines();
            idle = things.idle();
            propSpreadM = things.propSpreadM();
            holders = things.holders();
            lures = things.lures();
            lines = things.lines();
            reels = things.carried().reels();
            unusable = things.unusable();
            numbers = things.carried().numbers();
        }

        Spread spread(SpreadDraft draft) {
            var made = new ArrayList<SpreadLine>();
            for (int i = 0; i < draft.lines().size(); i++) {
                line("lines[" + i + "]", draft.lines().get(i)).ifPresent(made::add);
            }
            faults.throwIfAny();
            int running = draft.enginesRunning() == null ? engines : Math.min(engines, draft.enginesRunning());
            return new Spread(
                    new SpeedThroughWater(draft.speedThroughWaterMps()), running, made, here(draft), idle, propSpreadM);
        }

        private Here here(SpreadDraft draft) {
            try {
                return draft.here() == null ? Here.UNKNOWN : draft.here().toCore();
            } catch (FaultException e) {
                e.faults().forEach(fault -> faults.add(fault.under("here")));
                faults.throwIfAny();
                throw e;
            }
        }

        private Optional<SpreadLine> line(String path, LineDraft draft) {
            int before = faults.total();
            Holder holder = known(holders, path + ".holderId", draft.holderId());
            var tackle = new ArrayList<TacklePiece>();
            for (int i = 0; i < draft.tackle().size(); i++) {
                tackle.add(piece(path + ".tackle[" + i + "]", draft.tackle().get(i)));
            }
            Optional<DeepRig> deep = Optional.ofNullable(draft.deep()).map(rig -> deep(path + ".deep", rig));
            if (draft.tackle().get(0).lureGearId() == null) {
                faults.add(FaultCode.LURE_WITHOUT_FORCE, path + ".tackle[0].lureGearId");
            }
            return faults.total() > before ? Optional.empty() : built(path, draft, holder, tackle, deep);
        }

        private DeepRig deep(String path, DeepDraft draft) {
            return new DeepRig(
                    draft.cableOutM(),
                    draft.clipAboveM(),
                    known(lures, path + ".ballGearId", draft.ballGearId()),
                    known(lines, path + ".cableGearId", draft.cableGearId()),
                    draft.seat());
        }

        private Optional<SpreadLine> built(
                String path, LineDraft draft, Holder holder, List<TacklePiece> tackle, Optional<DeepRig> deep) {
            try {
                RigDraft rig = RigDraft.orNothing(draft.rig());
                var line = new SpreadLine(
                        draft.lineId(),
                        holder,
                        draft.letOutM(),
                        new Force(draft.strikeDragN()),
                        tackle,
                        deep,
                        rig.toCore(tackle, reel(path, rig, tackle), numbers));
                line.chain();
                return Optional.of(line);
            } catch (FaultException e) {
                e.faults().forEach(fault -> faults.add(fault.under(path)));
                return Optional.empty();
            }
        }

        /** The one chosen, else the first of the box that carries this main line. */
        private Optional<Reel> reel(String path, RigDraft rig, List<TacklePiece> tackle) {
            if (rig.reelGearId() != null) {
                Optional<ReelAboard> chosen = reels.stream()
                        .filter(reel -> reel.reel().id().equals(rig.reelGearId()))
                        .findFirst();
                if (chosen.isEmpty()) {
                    throw new FaultException(List.of(why("rig.reelGearId", rig.reelGearId())));
                }
                return chosen.map(ReelAboard::reel);
            }
            UUID main = tackle.get(tackle.size() - 1).line().id();
            return reels.stream()
                    .filter(reel -> reel.main()
                            .filter(line -> line.item().id().equals(main))
                            .isPresent())
                    .findFirst()
                    .map(ReelAboard::reel);
        }

        private TacklePiece piece(String path, PieceDraft draft) {
            LureItem lure = draft.lureGearId() == null ? null : known(lures, path + ".lureGearId", draft.lureGearId());
            LineItem line = known(lines, path + ".lineGearId", draft.lineGearId());
            Optional<Branch> branch = Optional.ofNullable(draft.branch()).map(twig -> branch(path + ".branch", twig));
            return new TacklePiece(
                    Optional.ofNullable(lure),
                    line,
                    Optional.ofNullable(draft.lengthM()),
                    branch,
                    FootDraft.toCore(draft.foot()));
        }

        private Branch branch(String path, BranchDraft draft) {
            return new Branch(
                    known(lures, path + ".lureGearId", draft.lureGearId()),
                    known(lines, path + ".lineGearId", draft.lineGearId()),
                    draft.lengthM());
        }

        private Fault why(String path, UUID id) {
            Usable<?> kept = unusable.get(id);
            return kept == null
                    ? Fault.of(FaultCode.NOT_FOUND, path, id.toString())
                    : Fault.of(
                            FaultCode.GEAR_UNUSABLE,
                            path,
                            kept.name(),
                            kept.faults().get(0).message());
        }

        private <T> T known(Map<UUID, T> items, String path, UUID id) {
            T item = items.get(id);
            if (item == null) {
                faults.add(why(path, id));
            }
            return item;
        }
    }
}
