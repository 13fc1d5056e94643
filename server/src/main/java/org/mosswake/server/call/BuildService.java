package org.mosswake.server.call;

import java.io.IOException;
import org.mosswake.core.build.FirstSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.server.platform.compute.Computing;
import org.springframework.stereotype.Service;

/** Searches a first spread and tells it as it goes on. */
@Service
class BuildService {
    void run(CallService.Build build, Computing.Telling telling) throws IOException {
        FirstSpread.Made made = FirstSpread.make(build.wish(), new FirstSpread.Watch() {
            @Override
            public void picture(Spread spread) {
                telling.tell(BuildEvent.picture(spread, build.wish().locked()));
            }

            @Override
            public boolean goOn(double share) {
                telling.tell(BuildEvent.progress(share));
                return true;
            }
        });
        telling.say(BuildEvent.done(build.wish(), build.lines(), made));
    }
}
