package boldwedge.server.instrument;

import boldwedge.server.instrument.Instruments.Recording;
import boldwedge.server.web.Refusal;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads recordings: WAV of any rate, 8 to 32 bits, one or two channels; or CSV of seconds and value. */
final class Recordings {
    private static final double LONGEST_SECONDS = 60;
    private static final int LEAST_LINES = 256;

    private Recordings() {}

    static Recording read(byte[] file) {
        if (file.length == 0) {
            throw Refusal.wrong("broken-recording", "The file is empty.");
        }
        boolean riff = file.length > 12 && new String(file, 0, 4, StandardCharsets.ISO_8859_1).equals("RIFF");
        return riff ? wav(file) : csv(file);
    }

    private static Recording wav(byte[] file) {
        try (AudioInputStream in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(file))) {
            AudioFormat from = in.getFormat();
            boolean whole = from.getEncoding().equals(AudioFormat.Encoding.PCM_SIGNED)
                    || from.getEncoding().equals(AudioFormat.Encoding.PCM_UNSIGNED);
            if (!whole) {
                throw Refusal.wrong(
                        "broken-recording",
                        "This WAV is packed (" + from.getEncoding() + "). Save it as plain PCM of 16 or 24 bits.");
            }
            int channels = from.getChannels();
            int bits = from.getSampleSizeInBits();
            if (bits < 8 || bits > 32 || bits % 8 != 0 || channels < 1 || !(from.getSampleRate() >= 1)) {
                throw Refusal.wrong(
                        "broken-recording",
                        "This WAV has samples of " + Math.max(0, bits) + " bits on " + Math.max(0, channels)
                                + " channels. Save it as plain PCM of 16 or 24 bits.");
            }
            int bytes = bits / 8;
            byte[] data = in.readAllBytes();
            long promised = in.getFrameLength() * channels * bytes;
            if (promised > data.length + (long) channels * bytes) {
                throw Refusal.wrong(
                        "broken-recording",
                        String.format(
                                java.util.Locale.ROOT,
                                "The WAV is cut off: its heading promises %.1f s and %.1f s are there. Copy it again.",
                                in.getFrameLength() / from.getSampleRate(),
                                data.length / (double) (channels * bytes) / from.getSampleRate()));
            }
            int frames = data.length / (channels * bytes);
            if (frames / from.getSampleRate() > LONGEST_SECONDS) {
                throw Refusal.wrong(
                        "broken-recording",
                        "The record is longer than a minute. Cut out a second or two about the tap.");
            }
            boolean unsigned = from.getEncoding().equals(AudioFormat.Encoding.PCM_UNSIGNED);
            double[] samples = new double[frames];
            for (int i = 0; i < frames; i++) {
                double sum = 0;
                for (int c = 0; c < channels; c++) {
                    sum += value(data, (i * channels + c) * bytes, bytes, from.isBigEndian(), unsigned);
                }
                samples[i] = sum / channels;
            }
            return new Recording(samples, (int) from.getSampleRate());
        } catch (UnsupportedAudioFileException strange) {
            throw Refusal.wrong(
                    "broken-recording", "This WAV cannot be read: it is damaged or packed. Save it as plain PCM.");
        } catch (IOException broken) {
            throw Refusal.wrong("broken-recording", "The WAV breaks off in its heading. Copy it again.");
        }
    }

    private static double value(byte[] data, int at, int bytes, boolean bigEndian, boolean unsigned) {
        long raw = 0;
        for (int b = 0; b < bytes; b++) {
            int index = bigEndian ? at + b : at + bytes - 1 - b;
            raw = (raw << 8) | (data[index] & 0xff);
        }
        long half = 1L << (8 * bytes - 1);
        long signed = unsigned ? raw - half : raw >= half ? raw - 2 * half : raw;
        return signed / (double) half;
    }

    private static Recording csv(byte[] file) {
        List<Double> times = new ArrayList<>();
        List<Double> values = new ArrayList<>();
        String text = new String(file, StandardCharsets.UTF_8);
        char separator = text.indexOf(';') >= 0 ? ';' : text.indexOf('\t') >= 0 ? '\t' : ',';
        try (var lines = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .get()
                .parse(new InputStreamReader(new ByteArrayInputStream(file), StandardCharsets.UTF_8))) {
            for (CSVRecord line : lines) {
                if (line.size() < 2) {
                    throw Refusal.wrong(
                            "broken-recording",
                            "Line " + line.getRecordNumber()
                                    + " has one column. A recording as CSV has seconds and value in each line.");
                }
                try {
                    times.add(Double.parseDouble(line.get(0).strip()));
                    values.add(Double.parseDouble(line.get(1).strip()));
                } catch (NumberFormatException notNumbers) {
                    // A heading is allowed in the first line only.
                    if (line.getRecordNumber() > 1) {
                        throw Refusal.wrong(
                                "broken-recording",
                                "Line " + line.getRecordNumber()
                                        + " is not two numbers. A recording as CSV has seconds and value in each line.");
                    }
                }
            }
        } catch (IOException | UncheckedIOException broken) {
            throw Refusal.wrong("broken-recording", "This is neither a WAV nor a CSV that can be read.");
        }
        if (times.size() < LEAST_LINES) {
            throw Refusal.wrong(
                    "broken-recording", "A recording of " + times.size() + " lines is too short to hold a ring.");
        }
        double span = times.getLast() - times.getFirst();
        if (!values.stream().allMatch(Double::isFinite) || !times.stream().allMatch(Double::isFinite)) {
            throw Refusal.wrong("broken-recording", "There is a number in it that is none (NaN or infinite).");
        }
        if (!(span > 0) || times.size() - 1 < span || span > LONGEST_SECONDS) {
            throw Refusal.wrong(
                    "broken-recording",
                    "The first column must be the time in seconds, growing, over at most a minute.");
        }
        double most = values.stream().mapToDouble(Math::abs).max().orElse(1);
        return new Recording(
                values.stream().mapToDouble(v -> most > 0 ? v / most : 0).toArray(),
                (int) Math.round((times.size() - 1) / span));
    }

    /** A recording as a 16-bit WAV. */
    static byte[] wav(Recording recording) {
        byte[] data = new byte[recording.samples().length * 2];
        for (int i = 0; i < recording.samples().length; i++) {
            int value = (int) Math.round(Math.clamp(recording.samples()[i], -1, 1) * 32767);
            data[2 * i] = (byte) value;
            data[2 * i + 1] = (byte) (value >> 8);
        }
        AudioFormat format = new AudioFormat(recording.rate(), 16, 1, true, false);
        ByteArrayOutputStream out = new ByteArrayOutputStream(data.length + 64);
        try (AudioInputStream in =
                new AudioInputStream(new ByteArrayInputStream(data), format, recording.samples().length)) {
            AudioSystem.write(in, AudioFileFormat.Type.WAVE, out);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }
}
