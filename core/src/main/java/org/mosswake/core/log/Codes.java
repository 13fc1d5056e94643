package org.mosswake.core.log;

import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;

/** Numbers from nought, each in as few bytes as the greatest of them needs. */
final class Codes {
    private static final int BYTE = 1 << Byte.SIZE;
    private static final int CHAR = 1 << Character.SIZE;

    private final int size;
    private final int width;
    private final byte[] kept;

    private Codes(int size, int width, byte[] kept) {
        this.size = size;
        this.width = width;
        this.kept = kept;
    }

    static Codes of(int[] codes) {
        int most = 0;
        for (int code : codes) {
            most = Math.max(most, code);
        }
        int width = most < BYTE ? 1 : most < CHAR ? 2 : Integer.BYTES;
        var kept = new byte[width * codes.length];
        for (int i = 0; i < codes.length; i++) {
            for (int b = 0; b < width; b++) {
                kept[i * width + b] = (byte) (codes[i] >> Byte.SIZE * (width - 1 - b));
            }
        }
        return new Codes(codes.length, width, kept);
    }

    int at(int i) {
        if (width == 1) {
            return kept[i] & 0xff;
        }
        int code = 0;
        for (int b = 0; b < width; b++) {
            code = code << Byte.SIZE | kept[i * width + b] & 0xff;
        }
        return code;
    }

    void write(DataOutputStream out) throws IOException {
        out.write(width);
        out.write(kept);
    }

    static Codes read(ByteBuffer in, int size) {
        int width = in.get();
        if (width != 1 && width != 2 && width != Integer.BYTES) {
            throw new IllegalArgumentException("codes of " + width + " bytes");
        }
        if ((long) width * size > in.remaining()) {
            throw new BufferUnderflowException();
        }
        var kept = new byte[width * size];
        in.get(kept);
        return new Codes(size, width, kept);
    }

    int size() {
        return size;
    }
}
