package org.pelluna.app.portrait;

import java.util.Optional;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Accent;
import org.pelluna.core.species.Appearance;
import org.pelluna.core.species.Colour;

/** The colour of each fin: its own where it stands out, else that of the fins of this look. */
final class FinColours {
    private final Appearance look;
    private final String usual;

    /** The colours of a look whose fins, where none stands out, are of the given colour, {@code #rrggbb}. */
    FinColours(Appearance look, String usual) {
        this.look = look;
        this.usual = usual;
    }

    /** The colour of one fin, as {@code #rrggbb}. */
    String of(Accent.Part fin) {
        return look.accent(fin).map(Colour::hex).orElse(usual);
    }

    /** The colour of eyespots in the fins of the back, where there are any. */
    Optional<String> spots() {
        return look.accent(Accent.Part.FIN_SPOTS).map(Colour::hex);
    }

    /** The edge of a fin, to be drawn within its outline, where the look has one of another colour. */
    Svg margin(String outline) {
        return look.accent(Accent.Part.MARGIN)
                .map(colour -> Svg.of(
                        "<path d='{}' fill='none' stroke='{}' stroke-width='1.6' stroke-linejoin='round'/>",
                        outline,
                        colour.hex()))
                .orElse(Svg.NONE);
    }
}
