package org.mosswake.server.gear;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.units.Force;
import org.mosswake.server.platform.json.Checked;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class GearController {
    /** A kind with the coefficients a new item starts from. */
    record LureKindReply(
            LureGearKind kind,
            boolean lead,
            Body usual,
            @Nullable SpeedWindow works) {}

    private final GearService gear;
    private final StarterBox starter;

    GearController(GearService gear, StarterBox starter) {
        this.gear = gear;
        this.starter = starter;
    }

    /** Fills an empty box with usual things. */
    record StarterBody(StarterBox.Waters waters) implements Checked {
        @Override
        public void check(Faults faults) {
            faults.required("waters", waters);
        }
    }

    @PostMapping("/api/boats/{boat}/gear/starter")
    GearService.Gear fill(@PathVariable UUID boat, @RequestBody StarterBody body) {
        return starter.fill(boat, body.waters());
    }

    @GetMapping("/api/lure-kinds")
    List<LureKindReply> lureKinds() {
        return Arrays.stream(LureGearKind.values())
                .map(kind -> new LureKindReply(
                        kind, kind.isLead(), kind.usual(), kind.works().orElse(null)))
                .toList();
    }

    /** A kind with one metre of it, as a new item starts from. */
    record LineKindReply(LineKind kind, double strengthN, LinePiece usual) {}

    @GetMapping("/api/line-kinds")
    List<LineKindReply> lineKinds() {
        return Arrays.stream(LineKind.values())
                .map(kind ->
                        new LineKindReply(kind, kind.usualStrength().newtons(), kind.metreRated(kind.usualStrength())))
                .toList();
    }

    /** One metre of a kind of line at a rated strength. */
    @GetMapping("/api/line-kinds/{kind}")
    LinePiece lineKind(@PathVariable LineKind kind, @RequestParam Double strengthN) {
        var faults = new Faults();
        LineGearBody.STRENGTH_N.check(faults, "strengthN", strengthN);
        faults.throwIfAny();
        return kind.metreRated(new Force(strengthN));
    }

    @GetMapping("/api/boats/{boat}/gear")
    GearService.Gear gear(@PathVariable UUID boat) {
        return gear.of(boat);
    }

    @PutMapping("/api/boats/{boat}/gear/lures")
    LureGearBody saveLure(@PathVariable UUID boat, @RequestBody LureGearBody body) {
        return gear.save(boat, body);
    }

    @PutMapping("/api/boats/{boat}/gear/lines")
    LineGearBody saveLine(@PathVariable UUID boat, @RequestBody LineGearBody body) {
        return gear.save(boat, body);
    }

    @PutMapping("/api/boats/{boat}/gear/reels")
    ReelGearBody saveReel(@PathVariable UUID boat, @RequestBody ReelGearBody body) {
        return gear.save(boat, body);
    }

    /** What there is to say of each sort of item: columns of the table, fields of a form. */
    @GetMapping("/api/gear/columns")
    GearColumns columns() {
        return GearColumns.ALL;
    }

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    @GetMapping(value = "/api/boats/{boat}/gear/box.csv", produces = "text/csv")
    ResponseEntity<String> box(@PathVariable UUID boat) {
        return ResponseEntity.ok()
                .contentType(CSV)
                .header("Content-Disposition", "attachment; filename=\"moss-wake-box.csv\"")
                .body(GearCsv.write(gear.of(boat)));
    }

    /** All of the table or nothing of it. */
    @PostMapping(value = "/api/boats/{boat}/gear/box.csv", consumes = "text/csv")
    GearService.Imported takeBox(@PathVariable UUID boat, @RequestBody String table) {
        return gear.take(boat, table);
    }
}
