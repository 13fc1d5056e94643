package org.mosswake.server.log;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NotebookController {
    private final NotebookService notebooks;

    NotebookController(NotebookService notebooks) {
        this.notebooks = notebooks;
    }

    /** @param rows that were new then */
    record ImportReply(UUID importId, String name, Instant takenAt, int rows) {}

    /**
     * A table of strikes, parted by commas, semicolons, tabs or bars.
     *
     * @param columns  what each holds; guessed by its header unless sent
     * @param dayFirst 6.7. is in July
     * @param feet     what has no unit is in feet, inches and °F
     * @param take     keep what can be read; without, it is only looked at
     */
    @PostMapping(value = "/api/boats/{boat}/log/notebook.csv", consumes = "text/csv")
    NotebookReply notebook(
            @PathVariable UUID boat,
            @RequestParam(required = false) List<String> columns,
            @RequestParam(defaultValue = "true") boolean dayFirst,
            @RequestParam(defaultValue = "false") boolean feet,
            @RequestParam(defaultValue = "false") boolean take,
            @RequestParam(defaultValue = "") String name,
            @RequestBody byte[] table) {
        return notebooks.read(boat, table, new NotebookService.Asked(columns, dayFirst, feet, take, name));
    }

    @GetMapping("/api/boats/{boat}/log/imports")
    List<ImportReply> imports(@PathVariable UUID boat) {
        return notebooks.imports(boat).stream()
                .map(one -> new ImportReply(one.importId(), one.name(), one.takenAt(), one.rows()))
                .toList();
    }

    /** All its rows leave the log. */
    @DeleteMapping("/api/boats/{boat}/log/imports/{imported}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID boat, @PathVariable UUID imported) {
        notebooks.takeBack(boat, imported);
    }
}
