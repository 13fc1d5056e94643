package org.mosswake.server.call;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.CancellationException;
import org.mosswake.core.build.FirstSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.server.platform.compute.Computing;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Searches a first spread and tells it as it goes on. */
@Service
class BuildService {
    private static final Logger LOG = LoggerFactory.getLogger(BuildService.class);

    void run(CallService.Build build, Computing.Telling telling) throws IOException {
        try {
            FirstSpread.Made made = FirstSpread.make(build.wish(), new FirstSpread.Watch() {
                @Override
                public void picture(Spread spread) {
                    say(telling, BuildEvent.picture(spread, build.wish().locked()));
                }

                @Override
                public boolean goOn(double share) {
                    say(telling, BuildEvent.progress(share));
                    return true;
                }
            });
            telling.say(BuildEvent.done(build.wish(), build.lines(), made));
        } catch (UncheckedIOException gone) {
            throw gone.getCause();
        } catch (CancellationException gone) {
            throw gone;
        } catch (RuntimeException e) {
            // The answer has begun: the fault can only be its last word.
            LOG.error("a build failed", e);
            telling.say(new BuildEvent(BuildEvent.Kind.FAILED, 1, null, null));
        }
    }

    private static void say(Computing.Telling telling, BuildEvent event) {
        try {
            telling.say(event);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
