package org.pelluna.app.web;

import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.multipart.MultipartFile;

/**
 * A photograph made anew: decoded, turned upright, made small, written as JPEG. Nothing of what the camera wrote beside the picture
 * (place, time, device) is left, and nothing that is no picture passes.
 */
public final class Pictures {
    /** Bytes a photograph may have when it is sent. */
    static final int MOST_BYTES = 12_000_000;

    private static final int MOST_PIXELS = 60_000_000;

    /** No camera makes a longer side, and a reader holds whole rows. */
    private static final int LONGEST_SIDE = 20_000;

    private static final int LONGEST = 1600;
    private static final String JPEG = "JPEG";
    private static final Set<String> KINDS = Set.of(JPEG, "png");

    /** So many at once: whoever sends twenty at once waits, and the memory does not. */
    private static final Semaphore TURNS = new Semaphore(2, true);

    /** A picture as it was decoded, and how the camera was held. */
    private record Decoded(BufferedImage picture, int orientation) {}

    private Pictures() {}

    /**
     * The photograph as JPEG.
     *
     * @throws IllegalArgumentException with a sentence, if it is no photograph we take
     */
    public static byte[] jpeg(byte[] sent) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            // Twenty who wait here would hold every connection, and all others would be told that the database is away.
            throw new IllegalStateException("a photograph is read before the transaction that keeps it");
        }
        if (sent.length > MOST_BYTES) {
            throw new IllegalArgumentException("a photograph may have 12 MB at most");
        }
        TURNS.acquireUninterruptibly();
        try {
            Decoded picture = decoded(sent);
            BufferedImage upright = drawn(picture.picture(), picture.orientation());
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            if (!ImageIO.write(upright, "jpg", out)) {
                throw new IllegalStateException("no writer for JPEG");
            }
            return out.toByteArray();
        } catch (IOException | IndexOutOfBoundsException e) {
            throw new IllegalArgumentException("the photograph cannot be read; send a JPEG or PNG", e);
        } finally {
            TURNS.release();
        }
    }

    /**
     * The photograph of a form; nothing if none was chosen.
     *
     * @throws RefusedException with a sentence, if it is no photograph we take
     */
    public static Optional<byte[]> sent(@Nullable MultipartFile chosen) throws IOException {
        if (chosen == null || chosen.isEmpty()) {
            return Optional.empty();
        }
        byte[] bytes = chosen.getBytes();
        return Optional.of(RefusedException.unless(() -> jpeg(bytes)));
    }

    private static Decoded decoded(byte[] sent) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new IllegalArgumentException("the photograph is no JPEG or PNG");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                if (!KINDS.contains(reader.getFormatName())) {
                    throw new IllegalArgumentException("the photograph is no JPEG or PNG");
                }
                // Looked at before it is decoded: a small file can hold a huge picture.
                int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS || longest > LONGEST_SIDE) {
                    throw new IllegalArgumentException("the photograph has too many pixels");
                }
                // Only as many of them are kept as the small picture needs.
                ImageReadParam every = reader.getDefaultReadParam();
                int nth = Math.max(1, longest / LONGEST);
                every.setSourceSubsampling(nth, nth, 0, 0);
                return new Decoded(reader.read(0, every), reader.getFormatName().equals(JPEG) ? orientation(sent) : 1);
            } finally {
                reader.dispose();
            }
        }
    }

    /** How the camera was held, 1 to 8 as EXIF counts; 1 if it does not say. */
    private static int orientation(byte[] sent) {
        try {
            ExifIFD0Directory exif = JpegMetadataReader.readMetadata(new ByteArrayInputStream(sent))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException | IOException e) {
            return 1;
        }
    }

    private static BufferedImage drawn(BufferedImage picture, int orientation) {
        boolean onItsSide = orientation >= 5;
        double wide = onItsSide ? picture.getHeight() : picture.getWidth();
        double high = onItsSide ? picture.getWidth() : picture.getHeight();
        double scale = Math.min(1, LONGEST / Math.max(wide, high));
        BufferedImage out = new BufferedImage(
                Math.max(1, (int) Math.round(wide * scale)),
                Math.max(1, (int) Math.round(high * scale)),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = out.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        AffineTransform turn = AffineTransform.getScaleInstance(scale, scale);
        turn.concatenate(upright(orientation, picture.getWidth(), picture.getHeight()));
        graphics.drawImage(picture, turn, null);
        graphics.dispose();
        return out;
    }

    private static AffineTransform upright(int orientation, double wide, double high) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, wide, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, wide, high);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, high);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, high, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, high, wide);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, wide);
            default -> new AffineTransform();
        };
    }
}
