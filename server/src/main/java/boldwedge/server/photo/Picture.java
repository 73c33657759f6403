package boldwedge.server.photo;

import boldwedge.server.web.Refusal;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Map;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import net.coobird.thumbnailator.Thumbnails;

/**
 * Pictures made anew from what was sent: nothing but the picture is kept, upright, with nothing of where and when it was taken and
 * nothing that is also something else. The size is read from the head before anything is unpacked, and one is unpacked at a time: a
 * small file can hold a picture that fills the memory.
 */
final class Picture {
    /** Pixels: what a good telephone takes. Unpacked they are 100 MB. */
    private static final long MOST_PIXELS = 25_000_000;

    /** Pixels across at most: enough to see an edge. */
    static final int LONGEST = 1600;

    /** The same in a list, for a screen with two points to the pixel. */
    static final int LONGEST_SMALL = 240;

    private static final float QUALITY = 0.88f;
    private static final Semaphore ONE_AT_A_TIME = new Semaphore(1, true);

    static {
        // What people send is not written into the machine's folder for temporary files.
        ImageIO.setUseCache(false);
    }

    private Picture() {}

    /** The picture as JPEG, no longer than so many pixels; refused where it is none, or too large. */
    static byte[] anew(byte[] sent, int longest) {
        if (PictureForm.of(sent).isEmpty()) {
            throw none();
        }
        ONE_AT_A_TIME.acquireUninterruptibly();
        try {
            checkSize(sent);
            return jpeg(scaled(sent, longest));
        } catch (IOException | IllegalArgumentException | IllegalStateException | IndexOutOfBoundsException broken) {
            throw none();
        } finally {
            ONE_AT_A_TIME.release();
        }
    }

    private static void checkSize(byte[] sent) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw none();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long wide = reader.getWidth(0);
                long high = reader.getHeight(0);
                if (wide * high > MOST_PIXELS) {
                    throw tooLarge("This picture is " + wide + " × " + high + " pixels.");
                }
            } finally {
                reader.dispose();
            }
        }
    }

    private static BufferedImage scaled(byte[] sent, int longest) throws IOException {
        BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(sent))
                .scale(1)
                .useExifOrientation(true)
                .asBufferedImage();
        return Math.max(upright.getWidth(), upright.getHeight()) <= longest
                ? upright
                : Thumbnails.of(upright).size(longest, longest).asBufferedImage();
    }

    private static byte[] jpeg(BufferedImage picture) throws IOException {
        BufferedImage plain = new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D on = plain.createGraphics();
        on.drawImage(picture, 0, 0, Color.WHITE, null);
        on.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(plain, null, null), how);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    static Refusal tooLarge(String how) {
        return Refusal.wrong(
                "picture-too-large",
                how + " Make it smaller: 1600 pixels across are enough to see an edge.",
                Map.of("picture", "It is too large."));
    }

    private static Refusal none() {
        return Refusal.wrong(
                "no-picture",
                "This is no picture that I can show: a JPEG, PNG or WebP is.",
                Map.of("picture", "A JPEG, PNG or WebP."));
    }
}
