package org.mosswake.server.owner;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.UUID;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
class OwnerController {
    private final OwnerService owners;

    OwnerController(OwnerService owners) {
        this.owners = owners;
    }

    /** @param mark of the export that was taken away: it says that nothing was kept since */
    record ForgetBody(String mark) implements Checked {
        private static final int LONGEST = 64;

        @Override
        public void check(Faults faults) {
            faults.text("mark", mark, LONGEST);
        }
    }

    /** Changes with anything the boat has. */
    record ExportMarkReply(String mark) {}

    @GetMapping("/api/boats/{boat}/export/mark")
    ExportMarkReply mark(@PathVariable UUID boat) {
        return new ExportMarkReply(owners.mark(boat));
    }

    /** Everything kept of a boat, every table row by row; its {@code mark} is needed to have her forgotten. */
    @GetMapping("/api/boats/{boat}/export")
    ResponseEntity<StreamingResponseBody> export(@PathVariable UUID boat) {
        owners.mark(boat);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"boat.json\"")
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(out -> owners.write(boat, out));
    }

    /** The boat whose file it was. */
    record BroughtReply(UUID boatId) {}

    /** Brings back a boat from the file of her export; one that is here already is refused. */
    @PostMapping(value = "/api/owners", consumes = MediaType.APPLICATION_JSON_VALUE)
    BroughtReply takeIn(HttpServletRequest request) throws IOException {
        return new BroughtReply(owners.takeIn(request.getInputStream()));
    }

    /** Removes everything of a boat for good; what her devices send afterwards is refused. */
    @PostMapping("/api/boats/{boat}/forget")
    ResponseEntity<Void> forget(@PathVariable UUID boat, @RequestBody ForgetBody body) {
        owners.forget(boat, body.mark());
        return ResponseEntity.noContent().build();
    }
}
