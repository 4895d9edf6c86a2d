package org.pelluna.core.plan;

import java.util.List;
import org.pelluna.core.json.Json;
import tools.jackson.core.JacksonException;

/** The small file in which a keeper's own figures go to whoever looks after the catalogue. */
public final class CorrectionFile {
    private static final String FORMAT = "pelluna-figures";
    private static final int VERSION = 1;

    private CorrectionFile() {}

    private record Content(String format, int version, List<Correction> figures) {}

    /** The figures as the text of a file. */
    public static String write(List<Correction> figures) {
        return Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(new Content(FORMAT, VERSION, figures))
                + "\n";
    }

    /**
     * The figures of a file.
     *
     * @throws IllegalArgumentException with the reason, if the text is no such file
     */
    public static List<Correction> read(String text) {
        try {
            Content content = Json.MAPPER.readValue(text, Content.class);
            if (!content.format().equals(FORMAT) || content.version() != VERSION) {
                throw new IllegalArgumentException("the format must be \"" + FORMAT + "\" and the version " + VERSION);
            }
            return List.copyOf(content.figures());
        } catch (JacksonException e) {
            throw new IllegalArgumentException(e.getOriginalMessage(), e);
        }
    }
}
