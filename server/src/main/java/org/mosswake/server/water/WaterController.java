package org.mosswake.server.water;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Spot;
import org.mosswake.server.water.WaterMapper.GridRow;
import org.mosswake.server.water.read.GridReader.Told;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
class WaterController {
    private static final Accepted REACH_M = new Accepted(1000, 400_000, "m");
    private static final int LONGEST_NAME = 120;

    private final WaterService water;

    private final GridFolder folder;

    WaterController(WaterService water, GridFolder folder) {
        this.water = water;
        this.folder = folder;
    }

    /** Grids that are here: the newest of each kind first. */
    @GetMapping("/api/boats/{boat}/water")
    List<GridReply> all(@PathVariable UUID boat) {
        return replies(boat, water.all(boat));
    }

    /**
     * A file of grids in an open format: plain grid, table of points, NetCDF. The same again changes nothing.
     *
     * @param name as the file is called: it may say what is in it, and of which day
     * @param kind what it is of, where nothing in it says so
     * @param at   when it was so, where nothing in it says so
     */
    @PostMapping(value = "/api/boats/{boat}/water", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    List<GridReply> take(
            @PathVariable UUID boat,
            @RequestParam String name,
            @RequestParam(required = false) Grid.@Nullable Kind kind,
            @RequestParam(required = false) @Nullable Instant at,
            HttpServletRequest request)
            throws IOException {
        var faults = new Faults();
        faults.text("name", name, LONGEST_NAME);
        faults.throwIfAny();
        return replies(
                boat,
                water.take(
                        boat,
                        new Told(name, Optional.ofNullable(kind), Optional.ofNullable(at)),
                        request.getInputStream()));
    }

    private List<GridReply> replies(UUID boat, List<GridRow> rows) {
        Spot home = water.home(boat);
        return rows.stream().map(row -> GridReply.of(row, home)).toList();
    }

    /** Files that are put into a folder of the computer that serves come in by themselves. */
    @GetMapping("/api/boats/{boat}/water/folder")
    GridFolderReply folder(@PathVariable UUID boat) throws IOException {
        water.all(boat);
        return folder.reply();
    }

    /**
     * Says no more of a file that was refused; the file stays where it is.
     *
     * @param name as it is listed
     */
    @DeleteMapping("/api/boats/{boat}/water/folder")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letBe(@PathVariable UUID boat, @RequestParam String name) throws IOException {
        water.all(boat);
        folder.letBe(name);
    }

    /** Its values: floats of four bytes, little-endian, row by row from the south-west, NaN where nothing is known. */
    @GetMapping(value = "/api/boats/{boat}/water/{grid}/cells", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<StreamingResponseBody> cells(@PathVariable UUID boat, @PathVariable UUID grid) {
        Grid of = water.grid(boat, grid);
        return ResponseEntity.ok().body(out -> {
            ByteBuffer row = ByteBuffer.allocate(4 * of.frame().columns()).order(ByteOrder.LITTLE_ENDIAN);
            for (int r = 0; r < of.frame().rows(); r++) {
                row.clear();
                for (int c = 0; c < of.frame().columns(); c++) {
                    row.putFloat(of.value(r, c));
                }
                out.write(row.array());
            }
        });
    }

    @DeleteMapping("/api/boats/{boat}/water/{grid}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID boat, @PathVariable UUID grid) {
        water.remove(boat, grid);
    }

    /**
     * Where to begin.
     *
     * @param at     the moment: later pictures are not known yet
     * @param day    by which weeks of other years count
     * @param target what is fished for; without one the warmth of the water says nothing
     * @param reachM how far out she may run
     */
    @GetMapping("/api/boats/{boat}/water/begin")
    BeginReply begin(
            @PathVariable UUID boat,
            @RequestParam Instant at,
            @RequestParam LocalDate day,
            @RequestParam(required = false) @Nullable Species target,
            @RequestParam(defaultValue = "" + WaterService.REACH_M) double reachM) {
        var faults = new Faults();
        REACH_M.check(faults, "reachM", reachM);
        faults.throwIfAny();
        return BeginReply.of(water.look(boat, at, day, Optional.ofNullable(target), reachM));
    }
}
