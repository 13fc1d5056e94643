package org.mosswake.server.gear;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.table.Cells;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The box as a table: one row an item, units in the column names. Read back, a row with a known id changes that item, any
 * other is a new one; what a new one leaves out is as usual for its kind.
 */
final class GearCsv {
    static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_ROWS = 1000;

    private GearCsv() {}

    static String write(GearService.Gear gear) {
        var text = new StringBuilder();
        List<String> names = GearColumns.ALL.names();
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader(names.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (GearSort<?> sort : GearSort.ALL) {
                for (JsonNode item : sort.trees(gear)) {
                    Map<String, String> row = row(sort, item, gear);
                    printer.printRecord(names.stream().map(name -> row.getOrDefault(name, "")));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static Map<String, String> row(GearSort<?> sort, JsonNode item, GearService.Gear gear) {
        var row = new HashMap<>(
                Map.of("what", sort.word(), "id", item.get("gearId").asString()));
        for (GearColumn column : sort.columns()) {
            JsonNode value = item.path(column.field());
            if (!value.isNull() && !value.isMissingNode()) {
                row.put(column.name(), cell(column, value, gear));
            }
        }
        return row;
    }

    private static String cell(GearColumn column, JsonNode value, GearService.Gear gear) {
        return switch (column.reads()) {
            case TEXT -> Cells.safe(value.asString());
            case WHOLE -> Integer.toString(value.asInt());
            case CHOICE -> value.asString();
            case LINE -> Cells.safe(gear.line(UUID.fromString(value.asString())).name());
            case NUMBER -> Cells.number(value.asDouble() / column.factor(), 9);
        };
    }

    /** What a table says to change; lines come before the reels that carry them. */
    record Read(List<LureGearBody> lures, List<LineGearBody> lines, List<ReelGearBody> reels) {}

    static Read read(String text, GearService.Gear kept, Supplier<UUID> ids) {
        var reader = new GearRows(kept, ids);
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            reader.headed(parser.getHeaderNames());
            List<CSVRecord> records = parser.getRecords();
            if (records.size() > MOST_ROWS) {
                throw FaultException.of(FaultCode.TOO_MANY, "rows", records.size(), MOST_ROWS);
            }
            records.forEach(reader::row);
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw FaultException.of(FaultCode.UNREADABLE_TABLE, "", String.valueOf(e.getMessage()));
        }
        return reader.all();
    }
}
