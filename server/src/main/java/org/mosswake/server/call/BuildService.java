package org.mosswake.server.call;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import org.mosswake.core.call.FirstSpread;
import org.mosswake.core.spread.Spread;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Searches a first spread and writes one event a line as it goes on. */
@Service
class BuildService {
    private static final Logger LOG = LoggerFactory.getLogger(BuildService.class);

    private final JsonMapper json;

    BuildService(JsonMapper json) {
        this.json = json;
    }

    void run(CallService.Build build, OutputStream out) {
        try {
            FirstSpread.Made made = FirstSpread.make(build.wish(), new FirstSpread.Watch() {
                @Override
                public void picture(Spread spread) {
                    write(out, BuildEvent.picture(spread, build.wish().locked()));
                }

                @Override
                public boolean goOn(double share) {
                    write(out, BuildEvent.progress(share));
                    return true;
                }
            });
            write(out, BuildEvent.done(build.wish(), build.lines(), made));
        } catch (UncheckedIOException gone) {
            LOG.debug("a build was given up by its reader");
        } catch (RuntimeException e) {
            // The answer has begun: the fault can only be its last word.
            LOG.error("a build failed", e);
            write(out, new BuildEvent(BuildEvent.Kind.FAILED, 1, null, null));
        }
    }

    private void write(OutputStream out, BuildEvent event) {
        try {
            out.write(json.writeValueAsBytes(event));
            out.write('\n');
            out.flush();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
