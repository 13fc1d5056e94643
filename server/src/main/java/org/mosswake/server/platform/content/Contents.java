package org.mosswake.server.platform.content;

import java.util.Optional;
import java.util.UUID;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.json.CanonicalJson;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

@Component
public class Contents {
    private final ContentMapper contents;

    Contents(ContentMapper contents) {
        this.contents = contents;
    }

    /**
     * Once, however often it is kept.
     *
     * @return its hash
     * @throws IllegalArgumentException where it is no canonical JSON can be made of
     */
    @Write
    public String keep(UUID vessel, String json) {
        String hash = CanonicalJson.hash(json);
        contents.keep(vessel, hash, json);
        return hash;
    }

    /** As JSON. */
    @Transactional(readOnly = true)
    public Optional<String> body(UUID vessel, String hash) {
        return Optional.ofNullable(contents.body(vessel, hash));
    }
}
