package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Small files that hold huge pictures: what is decoded is what the small picture needs, or nothing. */
class PicturesTest {
    private static byte[] written(BufferedImage picture, String kind) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(picture, kind, out);
        return out.toByteArray();
    }

    private static BufferedImage made(byte[] sent) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(Pictures.jpeg(sent)));
    }

    /** Of 59 megapixels, of which a reader that decodes them all needs 240 MB. */
    @Test
    void aHugePhotographIsMadeSmallWhileItIsRead() throws IOException {
        BufferedImage huge = new BufferedImage(8400, 7000, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = huge.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, 4200, 7000);
        graphics.dispose();
        for (String kind : new String[] {"png", "jpg"}) {
            BufferedImage small = made(written(huge, kind));
            assertThat(Math.max(small.getWidth(), small.getHeight())).isLessThanOrEqualTo(1600);
            assertThat(small.getWidth() / (double) small.getHeight()).isBetween(1.19, 1.21);
            assertThat(new Color(small.getRGB(small.getWidth() / 4, small.getHeight() / 2)).getRed())
                    .isGreaterThan(240);
            assertThat(new Color(small.getRGB(small.getWidth() * 3 / 4, small.getHeight() / 2)).getRed())
                    .isLessThan(15);
        }
    }

    @Test
    void aSmallOneStaysAsItIs() throws IOException {
        BufferedImage small = made(written(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png"));
        assertThat(small.getWidth()).isEqualTo(300);
        assertThat(small.getHeight()).isEqualTo(200);
    }

    /** Whoever waits for a turn holds no connection: twenty photographs at once made every other page say that the database was away. */
    @Test
    void noneIsReadWithinATransaction() throws IOException {
        byte[] png = written(new BufferedImage(4, 4, BufferedImage.TYPE_INT_RGB), "png");
        TransactionSynchronizationManager.setActualTransactionActive(true);
        try {
            assertThatIllegalStateException().isThrownBy(() -> Pictures.jpeg(png));
        } finally {
            TransactionSynchronizationManager.clear();
        }
        assertThat(Pictures.jpeg(png)).isNotEmpty();
    }

    @Test
    void aSideLongerThanAnyCamerasIsRefusedBeforeItIsDecoded() throws IOException {
        byte[] png = written(new BufferedImage(4, 4, BufferedImage.TYPE_INT_RGB), "png");
        for (int[] size : new int[][] {{59_000_000, 1}, {1, 59_000_000}, {30_000, 30_000}}) {
            byte[] lying = Arrays.copyOf(png, png.length);
            ByteBuffer.wrap(lying, 16, 8).putInt(size[0]).putInt(size[1]);
            CRC32 crc = new CRC32();
            crc.update(lying, 12, 17);
            ByteBuffer.wrap(lying, 29, 4).putInt((int) crc.getValue());
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> Pictures.jpeg(lying))
                    .withMessageContaining("too many pixels");
        }
    }

    @Test
    void whatIsNoPictureIsRefusedWithASentence() {
        for (String sent : new String[] {"", "<svg xmlns='http://www.w3.org/2000/svg'/>", "\u0089PNG\r\n", "GIF89a"}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> Pictures.jpeg(sent.getBytes(java.nio.charset.StandardCharsets.ISO_8859_1)))
                    .withMessageContaining("photograph");
        }
    }
}
