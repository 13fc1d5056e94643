package org.mosswake.server.water;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The folder whose files are taken in by themselves.
 *
 * @param path    on the computer that serves; absent where none is watched
 * @param refused what could not be taken in
 */
record GridFolderReply(@Nullable String path, List<Refused> refused) {
    record Refused(String name, String why) {}
}
