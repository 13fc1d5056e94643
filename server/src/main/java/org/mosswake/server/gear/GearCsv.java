package org.mosswake.server.gear;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.Shade;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedUnit;
import org.mosswake.server.platform.json.Checked;

/**
 * The box as a table: one row an item, units in the column names. Read back, a row with a known id changes that item, any
 * other is a new one; what a new one leaves out is as usual for its kind.
 */
final class GearCsv {
    static final String[] COLUMNS = {
        "what",
        "id",
        "name",
        "kind",
        "count",
        "colour",
        "colour_role",
        "shade",
        "length_cm",
        "mass_g",
        "volume_cm3",
        "drag_area_cm2",
        "dive_area_cm2",
        "side_area_cm2",
        "slowest_kn",
        "fastest_kn",
        "strength_lb",
        "diameter_mm",
        "density_kg_m3",
        "normal_drag",
        "tangential_drag",
        "rated_m",
        "rated_diameter_mm",
        "full_radius_mm",
        "arbor_radius_mm",
        "main_line",
        "rod_class_n",
        "spool_metal",
        "hand_m",
        "backing_line",
        "backing_m"
    };
    private static final int MOST_ROWS = 1000;
    private static final double POUND_N = ForceUnit.POUND_FORCE.toSi(1);

    private GearCsv() {}

    static String write(GearService.Gear gear) {
        var text = new StringBuilder();
        var format = CSVFormat.RFC4180.builder().setHeader(COLUMNS).get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (LureGearBody lure : gear.lures()) {
                printer.printRecord(row(Map.ofEntries(
                        Map.entry("what", "lure"),
                        Map.entry("id", lure.gearId().toString()),
                        Map.entry("name", safe(lure.name())),
                        Map.entry("kind", lure.kind().name()),
                        Map.entry(
                                "count",
                                lure.count() == null ? "" : lure.count().toString()),
                        Map.entry("colour", safe(lure.colour())),
                        Map.entry(
                                "colour_role",
                                lure.colourRole() == null
                                        ? ""
                                        : lure.colourRole().name()),
                        Map.entry(
                                "shade",
                                lure.shade() == null ? "" : lure.shade().name()),
                        Map.entry("length_cm", number(lure.lengthM(), 100)),
                        Map.entry("mass_g", number(lure.massKg(), 1000)),
                        Map.entry("volume_cm3", number(lure.volumeM3(), 1e6)),
                        Map.entry("drag_area_cm2", number(lure.dragAreaM2(), 1e4)),
                        Map.entry("dive_area_cm2", number(lure.diveAreaM2(), 1e4)),
                        Map.entry("side_area_cm2", number(lure.sideAreaM2(), 1e4)),
                        Map.entry("slowest_kn", knots(lure.slowestMps())),
                        Map.entry("fastest_kn", knots(lure.fastestMps())))));
            }
            for (LineGearBody line : gear.lines()) {
                printer.printRecord(row(Map.ofEntries(
                        Map.entry("what", "line"),
                        Map.entry("id", line.gearId().toString()),
                        Map.entry("name", safe(line.name())),
                        Map.entry("kind", line.kind().name()),
                        Map.entry("strength_lb", number(line.strengthN(), 1 / POUND_N)),
                        Map.entry("diameter_mm", number(line.diameterM(), 1000)),
                        Map.entry("density_kg_m3", number(line.densityKgPerM3(), 1)),
                        Map.entry("normal_drag", number(line.normalDragCoefficient(), 1)),
                        Map.entry("tangential_drag", number(line.tangentialDragCoefficient(), 1)))));
            }
            for (ReelGearBody reel : gear.reels()) {
                printer.printRecord(row(Map.ofEntries(
                        Map.entry("what", "reel"),
                        Map.entry("id", reel.gearId().toString()),
                        Map.entry("name", safe(reel.name())),
                        Map.entry("count", reel.count().toString()),
                        Map.entry("rated_m", number(reel.ratedM(), 1)),
                        Map.entry("rated_diameter_mm", number(reel.ratedDiameterM(), 1000)),
                        Map.entry("full_radius_mm", number(reel.fullRadiusM(), 1000)),
                        Map.entry("arbor_radius_mm", number(reel.arborRadiusM(), 1000)),
                        Map.entry("main_line", lineName(gear, reel.mainLineGearId())),
                        Map.entry("rod_class_n", optional(reel.rodClassN())),
                        Map.entry(
                                "spool_metal",
                                reel.spoolMetal() == null
                                        ? ""
                                        : reel.spoolMetal().name()),
                        Map.entry("hand_m", optional(reel.handM())),
                        Map.entry("backing_line", lineName(gear, reel.backingLineGearId())),
                        Map.entry("backing_m", optional(reel.backingM())))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String lineName(GearService.Gear gear, @Nullable UUID id) {
        return id == null ? "" : safe(gear.line(id).name());
    }

    private static String optional(@Nullable Double si) {
        return si == null ? "" : number(si, 1);
    }

    private static Object[] row(Map<String, String> values) {
        return Arrays.stream(COLUMNS)
                .map(column -> values.getOrDefault(column, ""))
                .toArray();
    }

    /** A spreadsheet takes text that begins like this for a formula; a quote before it keeps it text. */
    private static String safe(String text) {
        return text.matches("(?s)^[=+\\-@\\t\\r'].*") ? "'" + text : text;
    }

    private static String unsafe(String text) {
        return text.matches("(?s)^'[=+\\-@\\t\\r'].*") ? text.substring(1) : text;
    }

    private static String number(double si, double factor) {
        return String.valueOf(Double.parseDouble(String.format(Locale.ROOT, "%.9g", si * factor)));
    }

    private static String knots(@Nullable Double mps) {
        return mps == null ? "" : number(SpeedUnit.KNOT.fromSi(mps), 1);
    }

    /** What a table says to change; lines come before the reels that carry them. */
    record Read(List<LureGearBody> lures, List<LineGearBody> lines, List<ReelGearBody> reels) {}

    static Read read(String text, GearService.Gear kept, Supplier<UUID> ids) {
        var reader = new Reader(kept, ids);
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            for (String column : parser.getHeaderNames()) {
                if (!List.of(COLUMNS).contains(column)) {
                    reader.faults.add(FaultCode.UNKNOWN_FIELD, column.isBlank() ? "a column without a name" : column);
                }
            }
            for (String column : List.of("what", "name")) {
                if (!parser.getHeaderNames().contains(column)) {
                    reader.faults.add(FaultCode.MISSING, column);
                }
            }
            reader.faults.throwIfAny();
            List<CSVRecord> records = parser.getRecords();
            if (records.size() > MOST_ROWS) {
                throw FaultException.of(FaultCode.TOO_MANY, "rows", records.size(), MOST_ROWS);
            }
            records.forEach(reader::row);
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw FaultException.of(FaultCode.UNREADABLE_TABLE, "", String.valueOf(e.getMessage()));
        }
        reader.faults.throwIfAny();
        return new Read(reader.lures, reader.lines, reader.reels);
    }

    private static final class Reader {
        private final GearService.Gear kept;
        private final Supplier<UUID> ids;
        private final Faults faults = new Faults();
        private final List<LureGearBody> lures = new ArrayList<>();
        private final List<LineGearBody> lines = new ArrayList<>();
        private final List<ReelGearBody> reels = new ArrayList<>();

        Reader(GearService.Gear kept, Supplier<UUID> ids) {
            this.kept = kept;
            this.ids = ids;
        }

        void row(CSVRecord record) {
            var cells = new Cells(record, faults);
            switch (cells.text("what").toLowerCase(Locale.ROOT)) {
                case "lure" -> lure(cells);
                case "line" -> line(cells);
                case "reel" -> reel(cells);
                default -> faults.add(FaultCode.NOT_ONE_OF, cells.at("what"), cells.text("what"), "lure, line, reel");
            }
        }

        /** Checks what was read, naming the row. */
        private boolean sound(Cells cells, Checked body) {
            if (cells.failed) {
                return false;
            }
            var inside = new Faults();
            body.check(inside);
            inside.list().forEach(fault -> faults.add(fault.under("row " + cells.number)));
            return inside.list().isEmpty();
        }

        private static <T> @Nullable T known(List<T> all, Function<T, UUID> idOf, @Nullable UUID id) {
            return all.stream()
                    .filter(item -> idOf.apply(item).equals(id))
                    .findFirst()
                    .orElse(null);
        }

        private UUID orNew(@Nullable UUID id) {
            return id == null ? ids.get() : id;
        }

        private void lure(Cells cells) {
            UUID id = cells.id();
            LureGearBody old = known(kept.lures(), LureGearBody::gearId, id);
            LureGearKind kind = cells.choice("kind", LureGearKind.class, old == null ? null : old.kind());
            if (kind == null) {
                return;
            }
            LureGearBody base = old == null ? usual(orNew(id), kind) : old;
            var body = new LureGearBody(
                    base.gearId(),
                    base.version(),
                    cells.words("name", base.name()),
                    kind,
                    cells.words("colour", base.colour()),
                    cells.number("length_cm", 0.01, base.lengthM()),
                    cells.number("mass_g", 0.001, base.massKg()),
                    cells.number("volume_cm3", 1e-6, base.volumeM3()),
                    cells.number("drag_area_cm2", 1e-4, base.dragAreaM2()),
                    cells.number("dive_area_cm2", 1e-4, base.diveAreaM2()),
                    cells.number("side_area_cm2", 1e-4, base.sideAreaM2()),
                    cells.number("slowest_kn", SpeedUnit.KNOT.toSi(1), base.slowestMps()),
                    cells.number("fastest_kn", SpeedUnit.KNOT.toSi(1), base.fastestMps()),
                    cells.whole("count", base.count()),
                    cells.choice("colour_role", ColourRole.class, base.colourRole()),
                    cells.choice("shade", Shade.class, base.shade()));
            if (sound(cells, body)) {
                lures.add(body);
            }
        }

        private static LureGearBody usual(UUID id, LureGearKind kind) {
            Body body = kind.usual();
            Optional<SpeedWindow> works = kind.works();
            return new LureGearBody(
                    id,
                    0,
                    "",
                    kind,
                    "plain",
                    0.15,
                    body.massKg(),
                    body.volumeM3(),
                    body.dragAreaM2(),
                    body.diveAreaM2(),
                    body.sideAreaM2(),
                    works.map(SpeedWindow::leastMps).orElse(null),
                    works.map(SpeedWindow::mostMps).orElse(null),
                    null,
                    null,
                    null);
        }

        private void line(Cells cells) {
            UUID id = cells.id();
            LineGearBody old = known(kept.lines(), LineGearBody::gearId, id);
            LineKind kind = cells.choice("kind", LineKind.class, old == null ? null : old.kind());
            Double strength = cells.number("strength_lb", POUND_N, old == null ? null : old.strengthN());
            if (kind == null || strength == null) {
                if (kind != null && !cells.failed) {
                    cells.missing("strength_lb");
                }
                return;
            }
            LineGearBody base = old == null ? usual(orNew(id), kind, strength) : old;
            var body = new LineGearBody(
                    base.gearId(),
                    base.version(),
                    cells.words("name", base.name()),
                    kind,
                    cells.number("diameter_mm", 0.001, base.diameterM()),
                    cells.number("density_kg_m3", 1, base.densityKgPerM3()),
                    cells.number("normal_drag", 1, base.normalDragCoefficient()),
                    cells.number("tangential_drag", 1, base.tangentialDragCoefficient()),
                    strength);
            if (sound(cells, body)) {
                lines.add(body);
            }
        }

        private static LineGearBody usual(UUID id, LineKind kind, double strengthN) {
            LinePiece metre = kind.metreRated(new Force(Math.max(1, strengthN)));
            return new LineGearBody(
                    id,
                    0,
                    "",
                    kind,
                    metre.diameterM(),
                    metre.densityKgPerM3(),
                    metre.normalDragCoefficient(),
                    metre.tangentialDragCoefficient(),
                    strengthN);
        }

        private void reel(Cells cells) {
            UUID id = cells.id();
            ReelGearBody old = known(kept.reels(), ReelGearBody::gearId, id);
            ReelGearBody base = old == null
                    ? new ReelGearBody(orNew(id), 0, "", 1, null, null, 0.05, 0.025, null, null, null, null, null, null)
                    : old;
            var body = new ReelGearBody(
                    base.gearId(),
                    base.version(),
                    cells.words("name", base.name()),
                    cells.whole("count", base.count()),
                    cells.number("rated_m", 1, base.ratedM()),
                    cells.number("rated_diameter_mm", 0.001, base.ratedDiameterM()),
                    cells.number("full_radius_mm", 0.001, base.fullRadiusM()),
                    cells.number("arbor_radius_mm", 0.001, base.arborRadiusM()),
                    lineNamed(cells, "main_line", base.mainLineGearId()),
                    cells.number("rod_class_n", 1, base.rodClassN()),
                    cells.choice("spool_metal", Reel.Metal.class, base.spoolMetal()),
                    cells.number("hand_m", 1, base.handM()),
                    lineNamed(cells, "backing_line", base.backingLineGearId()),
                    cells.number("backing_m", 1, base.backingM()));
            if (sound(cells, body)) {
                reels.add(body);
            }
        }

        /** By name, of the box or of a row above. */
        private @Nullable UUID lineNamed(Cells cells, String column, @Nullable UUID otherwise) {
            String name = unsafe(cells.text(column));
            if (name.isEmpty()) {
                return otherwise;
            }
            var all = new ArrayList<>(lines);
            all.addAll(kept.lines());
            return all.stream()
                    .filter(line -> line.name().equals(name))
                    .findFirst()
                    .map(LineGearBody::gearId)
                    .orElseGet(() -> {
                        faults.add(FaultCode.NOT_FOUND, cells.at(column), name);
                        cells.failed = true;
                        return null;
                    });
        }
    }

    /** One row's cells; every cell that cannot be read is noted with its row and column. */
    private static final class Cells {
        private final CSVRecord record;
        private final Faults faults;
        final long number;
        boolean failed;

        Cells(CSVRecord record, Faults faults) {
            this.record = record;
            this.faults = faults;
            number = record.getRecordNumber() + 1;
        }

        String at(String column) {
            return "row " + number + "." + column;
        }

        String text(String column) {
            return record.isSet(column) ? record.get(column) : "";
        }

        String words(String column, String otherwise) {
            return text(column).isEmpty() ? otherwise : unsafe(text(column));
        }

        void missing(String column) {
            faults.add(FaultCode.MISSING, at(column));
            failed = true;
        }

        @Nullable
        UUID id() {
            String text = text("id");
            if (text.isEmpty()) {
                return null;
            }
            try {
                return UUID.fromString(text);
            } catch (IllegalArgumentException e) {
                faults.add(
                        FaultCode.WRONG_TYPE, at("id"), "the text '" + text + "'", "an id from an export, or nothing");
                failed = true;
                return null;
            }
        }

        @Nullable
        Double number(String column, double factor, @Nullable Double otherwise) {
            String text = text(column);
            if (text.isEmpty()) {
                return otherwise;
            }
            try {
                return Double.parseDouble(text.replace(',', '.')) * factor;
            } catch (NumberFormatException e) {
                faults.add(FaultCode.WRONG_TYPE, at(column), "the text '" + text + "'", "a number");
                failed = true;
                return null;
            }
        }

        @Nullable
        Integer whole(String column, @Nullable Integer otherwise) {
            String text = text(column);
            if (text.isEmpty()) {
                return otherwise;
            }
            try {
                return Integer.parseInt(text);
            } catch (NumberFormatException e) {
                faults.add(FaultCode.WRONG_TYPE, at(column), "the text '" + text + "'", "a whole number");
                failed = true;
                return null;
            }
        }

        <E extends Enum<E>> @Nullable E choice(String column, Class<E> type, @Nullable E otherwise) {
            String text =
                    text(column).toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_');
            if (text.isEmpty()) {
                if (otherwise == null && column.equals("kind")) {
                    missing(column);
                }
                return otherwise;
            }
            return Arrays.stream(type.getEnumConstants())
                    .filter(value -> value.name().equals(text))
                    .findFirst()
                    .orElseGet(() -> {
                        faults.add(
                                FaultCode.NOT_ONE_OF,
                                at(column),
                                text(column),
                                String.join(
                                        ", ",
                                        Arrays.stream(type.getEnumConstants())
                                                .map(Enum::name)
                                                .toList()));
                        failed = true;
                        return null;
                    });
        }
    }
}
