package boldwedge.server.photo;

import java.util.Arrays;
import java.util.Optional;
import org.springframework.http.MediaType;

/** The forms of pictures that are kept: those that every browser shows, told by how they begin and not by what they are called. */
enum PictureForm {
    JPEG(MediaType.IMAGE_JPEG),
    PNG(MediaType.IMAGE_PNG),
    WEBP(MediaType.parseMediaType("image/webp"));

    private static final byte[] JPEG_BEGINS = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF};
    private static final byte[] PNG_BEGINS = {(byte) 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A};
    private static final byte[] RIFF = {'R', 'I', 'F', 'F'};
    private static final byte[] WEBP_AT_8 = {'W', 'E', 'B', 'P'};

    private final MediaType type;

    PictureForm(MediaType type) {
        this.type = type;
    }

    MediaType type() {
        return type;
    }

    /** The form of a picture; empty where it is none of these. */
    static Optional<PictureForm> of(byte[] picture) {
        if (begins(picture, 0, JPEG_BEGINS)) {
            return Optional.of(JPEG);
        }
        if (begins(picture, 0, PNG_BEGINS)) {
            return Optional.of(PNG);
        }
        return begins(picture, 0, RIFF) && begins(picture, 8, WEBP_AT_8) ? Optional.of(WEBP) : Optional.empty();
    }

    private static boolean begins(byte[] picture, int at, byte[] with) {
        return picture.length >= at + with.length && Arrays.equals(picture, at, at + with.length, with, 0, with.length);
    }
}
