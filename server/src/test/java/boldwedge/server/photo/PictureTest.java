package boldwedge.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Pictures as somebody who means ill, or a telephone, sends them: what is kept is the picture, and nothing else. */
class PictureTest {
    private static byte[] written(BufferedImage picture, String form) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(picture, form, out);
        return out.toByteArray();
    }

    private static BufferedImage read(byte[] picture) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(picture));
    }

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            all.writeBytes(part);
        }
        return all.toByteArray();
    }

    /** A JPEG of 40 by 20, its left half red, that says it was taken with the camera turned, and where. */
    private static byte[] turned() throws IOException {
        BufferedImage picture = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 40; x++) {
            for (int y = 0; y < 20; y++) {
                picture.setRGB(x, y, x < 20 ? 0xFF0000 : 0x0000FF);
            }
        }
        byte[] jpeg = written(picture, "jpeg");
        byte[] exif = joined(
                "Exif\0\0MM\0*".getBytes(StandardCharsets.US_ASCII),
                new byte[] {0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0},
                "taken at home".getBytes(StandardCharsets.US_ASCII));
        byte[] head = ByteBuffer.allocate(4)
                .put((byte) 0xFF)
                .put((byte) 0xE1)
                .putShort((short) (exif.length + 2))
                .array();
        return joined(Arrays.copyOf(jpeg, 2), head, exif, Arrays.copyOfRange(jpeg, 2, jpeg.length));
    }

    private static byte[] chunk(String type, byte[] data) {
        byte[] body = joined(type.getBytes(StandardCharsets.US_ASCII), data);
        CRC32 sum = new CRC32();
        sum.update(body);
        return ByteBuffer.allocate(8 + body.length)
                .putInt(data.length)
                .put(body)
                .putInt((int) sum.getValue())
                .array();
    }

    /** Refused by its head: there is no more of it. */
    @Test
    void aPictureThatWouldFillTheMemoryIsRefusedByItsHead() {
        byte[] head = ByteBuffer.allocate(13)
                .putInt(16_000)
                .putInt(16_000)
                .put(new byte[] {8, 6, 0, 0, 0})
                .array();
        byte[] bomb = joined(
                new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10},
                chunk("IHDR", head),
                chunk("IDAT", new byte[100]));
        assertThatThrownBy(() -> Picture.anew(bomb, Picture.LONGEST))
                .hasMessageContaining("16000 × 16000")
                .hasMessageContaining("1600 pixels");
    }

    @Test
    void nothingButThePictureIsKeptAndItStandsUpright() throws IOException {
        byte[] more = joined(turned(), "PK\3\4<script>alert(1)</script>".getBytes(StandardCharsets.US_ASCII));
        byte[] kept = Picture.anew(more, Picture.LONGEST);
        String text = new String(kept, StandardCharsets.ISO_8859_1);
        assertThat(text).doesNotContain("Exif", "home", "script", "PK\3\4");
        BufferedImage upright = read(kept);
        assertThat(upright.getWidth()).isEqualTo(20);
        assertThat(upright.getHeight()).isEqualTo(40);
        // Turned clockwise: what was left is on top.
        assertThat(new Color(upright.getRGB(10, 5)).getRed()).isGreaterThan(200);
        assertThat(new Color(upright.getRGB(10, 35)).getBlue()).isGreaterThan(200);
    }

    @Test
    void whatIsSeenThroughIsWhiteAndLargeOnesAreMadeSmaller() throws IOException {
        byte[] kept = Picture.anew(
                written(new BufferedImage(2400, 1200, BufferedImage.TYPE_INT_ARGB), "png"), Picture.LONGEST);
        assertThat(read(kept).getWidth()).isEqualTo(1600);
        assertThat(read(kept).getHeight()).isEqualTo(800);
        assertThat(read(kept).getRGB(3, 3) & 0xFFFFFF).isEqualTo(0xFFFFFF);
        assertThat(read(Picture.anew(kept, Picture.LONGEST_SMALL)).getWidth()).isEqualTo(240);
    }

    @Test
    void webPIsReadToo() throws IOException {
        byte[] webP = Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");
        assertThat(read(Picture.anew(webP, Picture.LONGEST)).getWidth()).isEqualTo(1);
    }

    /** Whatever is broken in it: refused in words, never a fault. */
    @Test
    void brokenPicturesAreRefusedInWords() throws IOException {
        Random random = new Random(11);
        for (byte[] whole :
                new byte[][] {turned(), written(new BufferedImage(9, 9, BufferedImage.TYPE_INT_RGB), "png")}) {
            for (int i = 0; i < 300; i++) {
                byte[] broken = whole.clone();
                for (int n = 0; n < 6; n++) {
                    broken[3 + random.nextInt(broken.length - 3)] = (byte) random.nextInt();
                }
                byte[] cut = Arrays.copyOf(broken, 4 + random.nextInt(broken.length - 4));
                try {
                    assertThat(Picture.anew(cut, Picture.LONGEST)).isNotEmpty();
                } catch (boldwedge.server.web.Refusal refused) {
                    assertThat(refused.code()).isIn("no-picture", "picture-too-large");
                }
            }
        }
    }
}
