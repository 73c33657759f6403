package boldwedge.server.web;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** A text as a QR code (ISO/IEC 18004), drawn as SVG: black on white whatever the shade, since cameras expect that. */
public final class QrPicture {
    private static final int QUIET = 3;

    private QrPicture() {}

    /** The code as an SVG document; it opens what the text is the address of. */
    public static String of(String text) {
        BitMatrix bits;
        try {
            bits = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, QUIET));
        } catch (WriterException impossible) {
            throw new IllegalArgumentException("too long for a QR code", impossible);
        }
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < bits.getHeight(); y++) {
            for (int x = 0; x < bits.getWidth(); x++) {
                if (bits.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + bits.getWidth() + " " + bits.getHeight()
                + "\" shape-rendering=\"crispEdges\"><path fill=\"#fff\" d=\"M0 0h" + bits.getWidth() + "v"
                + bits.getHeight() + "h-" + bits.getWidth() + "z\"/><path fill=\"#000\" d=\"" + path + "\"/></svg>";
    }
}
