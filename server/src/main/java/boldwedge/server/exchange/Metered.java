package boldwedge.server.exchange;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** A file while it is read record by record: a record that goes on without end is given up before it has filled the memory. */
final class Metered extends FilterInputStream {
    private final Runnable tooLong;
    private long left = Long.MAX_VALUE;

    /**
     * Meters a stream.
     *
     * @param tooLong refuses, by throwing, when more than was allowed has been read since {@link #next}
     */
    Metered(InputStream from, Runnable tooLong) {
        super(from);
        this.tooLong = tooLong;
    }

    /** From here on so many bytes for the next record; what the reader has in its buffer already is not counted. */
    void next(long bytes) {
        left = bytes;
    }

    private void took(long bytes) {
        left -= Math.max(0, bytes);
        if (left < 0) {
            tooLong.run();
        }
    }

    @Override
    public int read() throws IOException {
        int b = super.read();
        took(b < 0 ? 0 : 1);
        return b;
    }

    @Override
    public int read(byte[] into, int at, int length) throws IOException {
        int read = super.read(into, at, length);
        took(read);
        return read;
    }

    @Override
    public long skip(long bytes) throws IOException {
        long skipped = super.skip(bytes);
        took(skipped);
        return skipped;
    }
}
