package org.pelluna.app.portrait;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Species;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** Makes a drawing stand by itself: with the portraits it uses, and the colours and type of the pages, as the build made them. */
@Component
public class PlateStyle {
    private final Svg style;

    PlateStyle() {
        try {
            this.style = Svg.style(
                    new ClassPathResource("static/assets/plate.css").getContentAsString(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new IllegalStateException("the front end was not built: plate.css is missing", e);
        }
    }

    /** The drawing with all it needs. */
    public Svg alone(Svg drawing, Collection<Species> species) {
        return drawing.beginningWith(Svg.of(
                "{}<defs>{}</defs><rect class='plate-paper' x='-5000' y='-5000' width='10000' height='10000'/>",
                style,
                Portraits.symbols(species)));
    }
}
