package org.mosswake.server.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.platform.table.Cells;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Rows of a table as items; every cell that cannot be read is noted with its row and column, and none is taken then. */
final class GearRows {
    private final GearService.Gear kept;
    private final Supplier<UUID> ids;
    private final Faults faults = new Faults();
    private final List<Checked> read = new ArrayList<>();

    GearRows(GearService.Gear kept, Supplier<UUID> ids) {
        this.kept = kept;
        this.ids = ids;
    }

    void headed(List<String> names) {
        for (String name : names) {
            if (!GearColumns.ALL.names().contains(name)) {
                faults.add(FaultCode.UNKNOWN_FIELD, name.isBlank() ? "a column without a name" : name);
            }
        }
        Stream.of("what", "name")
                .filter(needed -> !names.contains(needed))
                .forEach(needed -> faults.add(FaultCode.MISSING, needed));
        faults.throwIfAny();
    }

    void row(CSVRecord record) {
        var row = new Row(record);
        String what = row.text("what").toLowerCase(Locale.ROOT);
        GearSort.ALL.stream()
                .filter(sort -> sort.word().equals(what))
                .findFirst()
                .ifPresentOrElse(
                        sort -> take(row, sort),
                        () -> faults.add(FaultCode.NOT_ONE_OF, row.at("what"), row.text("what"), "lure, line, reel"));
    }

    GearCsv.Read all() {
        faults.throwIfAny();
        return new GearCsv.Read(only(LureGearBody.class), only(LineGearBody.class), only(ReelGearBody.class));
    }

    private <T> List<T> only(Class<T> type) {
        return read.stream().filter(type::isInstance).map(type::cast).toList();
    }

    private <T extends Checked> void take(Row row, GearSort<T> sort) {
        Optional<UUID> id = row.id();
        var given = GearCsv.JSON.createObjectNode();
        sort.columns().forEach(column -> row.value(column).ifPresent(value -> given.set(column.field(), value)));
        Optional<ObjectNode> base = id.flatMap(one -> known(sort, one)).or(() -> usual(row, sort, given));
        if (row.failed || base.isEmpty()) {
            return;
        }
        base.get().setAll(given);
        T body = GearCsv.JSON.treeToValue(base.get(), sort.body());
        var inside = new Faults();
        body.check(inside);
        inside.list().forEach(fault -> faults.add(fault.under("row " + row.number)));
        if (inside.list().isEmpty()) {
            read.add(body);
        }
    }

    private Optional<ObjectNode> known(GearSort<?> sort, UUID id) {
        return sort.trees(kept).stream()
                .filter(item -> item.get("gearId").asString().equals(id.toString()))
                .map(ObjectNode.class::cast)
                .findFirst();
    }

    /** A new item of its kind; empty where the row does not say what is needed to know the usual. */
    private Optional<ObjectNode> usual(Row row, GearSort<?> sort, ObjectNode given) {
        for (String needed : UsualGear.needs(sort)) {
            if (!given.has(needed) && !row.failed) {
                String column = sort.columns().stream()
                        .filter(one -> one.field().equals(needed))
                        .findFirst()
                        .orElseThrow()
                        .name();
                faults.add(FaultCode.MISSING, row.at(column));
                row.failed = true;
            }
        }
        return row.failed
                ? Optional.empty()
                : Optional.of(
                        GearCsv.JSON.valueToTree(UsualGear.of(sort, row.id().orElseGet(ids), given)));
    }

    /** By name, of a row above or of the box. */
    private Optional<LineGearBody> lineNamed(String name) {
        return Stream.concat(only(LineGearBody.class).stream(), kept.lines().stream())
                .filter(line -> line.name().equals(name))
                .findFirst();
    }

    private final class Row {
        private final CSVRecord record;
        final long number;
        boolean failed;

        Row(CSVRecord record) {
            this.record = record;
            number = record.getRecordNumber() + 1;
        }

        String at(String column) {
            return "row " + number + "." + column;
        }

        String text(String column) {
            return record.isSet(column) ? record.get(column) : "";
        }

        private Optional<JsonNode> wrong(FaultCode code, String column, Object... values) {
            faults.add(code, at(column), values);
            failed = true;
            return Optional.empty();
        }

        Optional<UUID> id() {
            String text = text("id");
            try {
                return text.isEmpty() ? Optional.empty() : Optional.of(UUID.fromString(text));
            } catch (IllegalArgumentException e) {
                wrong(FaultCode.WRONG_TYPE, "id", "the text '" + text + "'", "an id from an export, or nothing");
                return Optional.empty();
            }
        }

        /** Of a cell that says something. */
        Optional<JsonNode> value(GearColumn column) {
            String text = text(column.name());
            if (text.isEmpty()) {
                return Optional.empty();
            }
            var nodes = GearCsv.JSON.getNodeFactory();
            try {
                return switch (column.reads()) {
                    case TEXT -> Optional.of(nodes.stringNode(Cells.unsafe(text)));
                    case WHOLE -> Optional.of(nodes.numberNode(Integer.parseInt(text)));
                    case NUMBER ->
                        Optional.of(nodes.numberNode(Double.parseDouble(text.replace(',', '.')) * column.factor()));
                    case CHOICE -> choice(column, text);
                    case LINE ->
                        lineNamed(Cells.unsafe(text))
                                .map(line -> (JsonNode)
                                        nodes.stringNode(line.gearId().toString()))
                                .or(() -> wrong(FaultCode.NOT_FOUND, column.name(), Cells.unsafe(text)));
                };
            } catch (NumberFormatException e) {
                String wanted = column.reads() == GearColumn.Reads.WHOLE ? "a whole number" : "a number";
                return wrong(FaultCode.WRONG_TYPE, column.name(), "the text '" + text + "'", wanted);
            }
        }

        private Optional<JsonNode> choice(GearColumn column, String text) {
            String value = text.toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_');
            if (column.choices().stream().anyMatch(one -> one.value().equals(value))) {
                return Optional.of(GearCsv.JSON.getNodeFactory().stringNode(value));
            }
            return wrong(
                    FaultCode.NOT_ONE_OF,
                    column.name(),
                    text,
                    column.choices().stream().map(GearColumn.Choice::value).collect(Collectors.joining(", ")));
        }
    }
}
