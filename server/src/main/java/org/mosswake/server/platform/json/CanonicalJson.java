package org.mosswake.server.platform.json;

import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.erdtman.jcs.JsonCanonicalizer;

/** JSON in the one form of RFC 8785, and its hash: the same on every device and in every edition. */
public final class CanonicalJson {
    private CanonicalJson() {}

    /**
     * @return SHA-256 in lower case hex
     * @throws IllegalArgumentException where the text is no JSON object or list, names a member twice, or has a number
     *     that no double holds
     */
    public static String hash(String json) {
        try {
            byte[] canonical = new JsonCanonicalizer(json).getEncodedUTF8();
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(canonical));
        } catch (IOException | RuntimeException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
