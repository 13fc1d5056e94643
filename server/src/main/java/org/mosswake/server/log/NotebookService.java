package org.mosswake.server.log;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.Notebook;
import org.mosswake.core.log.NotebookColumn;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.log.NotebookReply.RefusedRow;
import org.springframework.stereotype.Service;

/** Notebooks taken in row by row: what cannot be read is told, and nothing is dropped without a word. */
@Service
class NotebookService {
    private static final int SAMPLES = 3;
    private static final int TOLD = 500;
    private static final int LONGEST_NAME = 100;

    private final EntryStore store;
    private final EntryMapper entries;
    private final BoatService boats;
    private final Clock clock;

    NotebookService(EntryStore store, EntryMapper entries, BoatService boats, Clock clock) {
        this.store = store;
        this.entries = entries;
        this.boats = boats;
        this.clock = clock;
    }

    /**
     * How a table is read.
     *
     * @param columns what each holds, as guessed unless sent
     * @param take    keep what can be read
     */
    record Asked(@Nullable List<String> columns, boolean dayFirst, boolean feet, boolean take, String name) {}

    NotebookReply read(UUID vessel, byte[] bytes, Asked asked) {
        boats.require(vessel);
        TableText table = TableText.read(bytes);
        List<NotebookColumn> columns = columns(table, asked.columns());
        var notebook = new Notebook(vessel, table.headers(), columns, asked.dayFirst(), asked.feet());
        var readable = new ArrayList<LogEntry>();
        var refused = new ArrayList<RefusedRow>();
        for (TableText.Row row : table.rows()) {
            Notebook.Row read = notebook.row(row.cells());
            if (read instanceof Notebook.Row.Taken taken) {
                readable.add(taken.entry());
            } else if (read instanceof Notebook.Row.Refused no) {
                refused.add(new RefusedRow(
                        row.line(),
                        no.column() < 0 ? null : table.headers().get(no.column()),
                        no.value(),
                        no.says(),
                        row.cells()));
            }
        }
        return new NotebookReply(
                IntStream.range(0, columns.size())
                        .mapToObj(i -> new NotebookReply.NotebookColumnReply(
                                table.headers().get(i), columns.get(i), samples(table, i)))
                        .toList(),
                Arrays.stream(NotebookColumn.values())
                        .map(column -> new NotebookReply.TargetReply(column, column.words()))
                        .toList(),
                table.rows().size(),
                readable.size(),
                refused.size(),
                refused.stream().limit(TOLD).toList(),
                asked.take() ? take(vessel, asked.name(), readable) : null);
    }

    private NotebookReply.TakenIn take(UUID vessel, String name, List<LogEntry> readable) {
        UUID taken = UUID.randomUUID();
        String called = name.isBlank() ? "Notebook" : name.strip();
        int added = store.takeIn(
                vessel, taken, called.substring(0, Math.min(called.length(), LONGEST_NAME)), clock.instant(), readable);
        return new NotebookReply.TakenIn(added > 0 ? taken : null, added, readable.size() - added);
    }

    private static List<NotebookColumn> columns(TableText table, @Nullable List<String> said) {
        if (said == null) {
            return table.headers().stream().map(NotebookColumn::guess).toList();
        }
        if (said.size() != table.headers().size()) {
            throw FaultException.of(
                    said.size() < table.headers().size() ? FaultCode.TOO_FEW : FaultCode.TOO_MANY,
                    "columns",
                    said.size(),
                    table.headers().size());
        }
        return said.stream().map(NotebookService::column).toList();
    }

    private static NotebookColumn column(String name) {
        return Arrays.stream(NotebookColumn.values())
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow(() -> FaultException.of(
                        FaultCode.NOT_ONE_OF, "columns", name, Arrays.toString(NotebookColumn.values())));
    }

    private static List<String> samples(TableText table, int column) {
        return table.rows().stream()
                .map(TableText.Row::cells)
                .filter(cells -> cells.size() > column && !cells.get(column).isBlank())
                .map(cells -> cells.get(column))
                .limit(SAMPLES)
                .toList();
    }

    List<EntryMapper.ImportRow> imports(UUID vessel) {
        boats.require(vessel);
        return entries.imports(vessel);
    }

    void takeBack(UUID vessel, UUID taken) {
        boats.require(vessel);
        if (!store.takeBack(vessel, taken)) {
            throw FaultException.of(FaultCode.NOT_FOUND, "import", taken.toString());
        }
    }
}
