package org.pelluna.app.portrait;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Accent;
import org.pelluna.core.species.Appearance;
import org.pelluna.core.species.BodyPlan;
import org.pelluna.core.species.Colour;
import org.pelluna.core.species.Pattern;
import org.pelluna.core.species.Species;

/**
 * Portraits of species as SVG symbols, drawn from body plan, proportions, marking and colours. A page carries one sheet
 * of symbols and uses each as often as it likes.
 *
 * <p>In a symbol the fish is 100 units long from snout to tail tip, looks to the left, and lies on the middle of a field
 * {@link #FIELD_WIDTH} wide and {@link #FIELD_HEIGHT} high.
 */
public final class Portraits {
    /** Width of a symbol's field in units of 1/100 of the fish. */
    public static final double FIELD_WIDTH = 106;

    /** Height of a symbol's field in the same units. */
    public static final double FIELD_HEIGHT = 84;

    /** What a symbol is drawn from, and from nothing else. */
    private record Drawn(String key, Appearance look) {}

    private static final int MOST_DRAWN = 1000;
    private static final LoadingCache<Drawn, Svg> DRAWN =
            Caffeine.newBuilder().maximumSize(MOST_DRAWN).build(one -> draw(one.key(), one.look()));

    private Portraits() {}

    /** The sheet of symbols for the given species; each stands once. */
    public static Svg sheet(Collection<Species> species) {
        return Svg.of(
                "<svg class='sheet-of-portraits' width='0' height='0' aria-hidden='true'>{}</svg>", symbols(species));
    }

    /** The symbols alone, to stand in a drawing. */
    public static Svg symbols(Collection<Species> species) {
        Svg.Builder svg = new Svg.Builder();
        species.stream().distinct().sorted(Comparator.comparing(Species::id)).forEach(one -> svg.add(symbol(one)));
        return svg.build();
    }

    /** The key of a species' symbol. */
    public static String key(Species species) {
        return "fish-" + species.id();
    }

    /** The key of the symbol of one of its other forms. */
    public static String key(Species species, Species.Form form) {
        return key(species) + "-" + form.form().name().toLowerCase(java.util.Locale.ROOT);
    }

    /** The key of the symbol that shows a fish of this length. */
    public static String keyAt(Species species, double lengthCm) {
        return species.forms().stream()
                .filter(form -> form.untilCm().filter(cm -> lengthCm < cm).isPresent())
                .findFirst()
                .map(form -> key(species, form))
                .orElse(key(species));
    }

    /** A portrait by itself, decorative: the name stands beside it. */
    public static Svg use(Species species) {
        return Svg.of(
                "<svg class='portrait' viewBox='0 0 {} {}' aria-hidden='true'><use href='#{}'/></svg>",
                FIELD_WIDTH,
                FIELD_HEIGHT,
                key(species));
    }

    /** A portrait that needs no sheet, decorative: the name stands beside it. */
    static Svg alone(Species species) {
        return Svg.of(
                "<svg class='portrait' viewBox='-3 -42 {} {}' aria-hidden='true'>{}</svg>",
                FIELD_WIDTH,
                FIELD_HEIGHT,
                drawing("asked-" + species.id(), species.look()));
    }

    /** Some species of the catalogue side by side, from small to large, all to one scale at their adult length; it needs no sheet. */
    public static Svg frieze(Collection<Species> species, int most) {
        List<Species> bySize = species.stream()
                .sorted(Comparator.comparingDouble(one -> one.size().adultCm().value()))
                .toList();
        int count = Math.min(most, bySize.size());
        List<Species> shown = IntStream.range(0, count)
                .mapToObj(i -> bySize.get(i * (bySize.size() - 1) / Math.max(1, count - 1)))
                .toList();
        Svg.Builder fish = new Svg.Builder();
        double x = 0;
        double high = 0;
        for (Species one : shown) {
            double length = one.size().adultCm().value();
            double wide = length * FIELD_WIDTH / 100;
            double tall = length * FIELD_HEIGHT / 100;
            fish.add("<use href='#{}' x='{}' y='{}' width='{}' height='{}'/>", key(one), x, -tall / 2, wide, tall);
            x += wide + 2;
            high = Math.max(high, tall);
        }
        return Svg.of(
                "<svg class='frieze' viewBox='0 {} {} {}' role='img' aria-label='{} species of the catalogue at their adult length, to one scale'><defs>{}</defs>{}</svg>",
                -high / 2,
                x,
                high,
                count,
                symbols(shown),
                fish.build());
    }

    private static Svg symbol(Species species) {
        Svg.Builder symbols = new Svg.Builder().add(symbol(key(species), species.look()));
        species.forms().forEach(form -> symbols.add(symbol(key(species, form), form.look())));
        return symbols.build();
    }

    private static Svg symbol(String key, Appearance look) {
        return DRAWN.get(new Drawn(key, look));
    }

    private static Svg draw(String key, Appearance look) {
        return Svg.of(
                "<symbol id='{}' viewBox='-3 -42 {} {}'>{}</symbol>",
                key,
                FIELD_WIDTH,
                FIELD_HEIGHT,
                drawing(key, look));
    }

    private static Svg drawing(String key, Appearance look) {
        List<Colour> colours = look.colours();
        Inks inks = new Inks(
                colours.get(0).hex(),
                colour(colours, 1),
                colours.size() > 2 ? colours.get(colours.size() - 1).hex() : colour(colours, 1),
                finColour(look));
        return look.plan() == BodyPlan.SEAHORSE
                ? Seahorse.svg(look, "clip-" + key, inks.ground(), inks.marking(), inks.accent())
                : fish(look, key, inks);
    }

    /** The colours of one drawing, as {@code #rrggbb}. */
    private record Inks(String ground, String marking, String accent, String fin) {}

    private static String finColour(Appearance look) {
        List<Colour> colours = look.colours();
        boolean rear = colours.size() > 1 && look.pattern() == Pattern.BICOLOUR;
        return colours.get(colours.size() > 2 ? 2 : rear ? 1 : 0).hex();
    }

    /**
     * An engraving: flat colour, the strokes of the form over it, and one contour that is heavy where the shadow lies, below and
     * behind.
     */
    private static Svg fish(Appearance look, String key, Inks inks) {
        BodyOutline body = new BodyOutline(look);
        FinColours colours = new FinColours(look, inks.fin());
        Fins fins = new Fins(look, body, colours);
        SpecialParts parts = new SpecialParts(body);
        String line = "line-" + key;
        return Svg.of(
                "<defs><path id='{}' d='{}'/></defs><clipPath id='clip-{}'><use href='#{}'/></clipPath>{}{}<use href='#{}' class='body-shadow'/><use href='#{}' fill='{}'/><g clip-path='url(#clip-{})'>{}{}{}</g>{}<use href='#{}' fill='none' class='fish-line'/>{}{}{}",
                line,
                body.path(),
                key,
                line,
                parts.behind(inks.fin()),
                fins.behind(),
                line,
                line,
                inks.ground(),
                key,
                new Markings(look, body, inks.marking(), inks.accent()).svg(),
                new Accents(look, body).svg(),
                new Hatching(body).svg(look.colours().get(0).isDark()),
                look.accent(Accent.Part.EDGE)
                        .map(colour -> Svg.of(
                                "<g clip-path='url(#clip-{})'><use href='#{}' fill='none' stroke='{}' stroke-width='3.4'/></g>",
                                key,
                                line,
                                colour.hex()))
                        .orElse(Svg.NONE),
                line,
                new TailFin(look, body, colours).svg(),
                Svg.of("{}{}", parts.svg(), new Head(body).svg()),
                fins.before());
    }

    private static String colour(List<Colour> colours, int index) {
        return colours.get(Math.min(index, colours.size() - 1)).hex();
    }
}
