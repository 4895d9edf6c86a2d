package org.pelluna.app.portrait;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.pelluna.app.svg.Svg;
import org.pelluna.core.species.Appearance;
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

    /** Some species of the catalogue side by side, from small to large, all to one scale at their adult length. */
    public static Svg frieze(Collection<Species> species, int most) {
        List<Species> bySize = species.stream()
                .sorted(Comparator.comparingDouble(one -> one.size().adultCm().value()))
                .toList();
        int count = Math.min(most, bySize.size());
        Svg.Builder fish = new Svg.Builder();
        double x = 0;
        double high = 0;
        for (int i = 0; i < count; i++) {
            Species one = bySize.get(i * (bySize.size() - 1) / Math.max(1, count - 1));
            double length = one.size().adultCm().value();
            double wide = length * FIELD_WIDTH / 100;
            double tall = length * FIELD_HEIGHT / 100;
            fish.add("<use href='#{}' x='{}' y='{}' width='{}' height='{}'/>", key(one), x, -tall / 2, wide, tall);
            x += wide + 2;
            high = Math.max(high, tall);
        }
        return Svg.of(
                "<svg class='frieze' viewBox='0 {} {} {}' role='img' aria-label='{} species of the catalogue at their adult length, to one scale'>{}</svg>",
                -high / 2,
                x,
                high,
                count,
                fish.build());
    }

    private static Svg symbol(Species species) {
        Svg.Builder symbols = new Svg.Builder().add(symbol(key(species), species.look()));
        species.forms().forEach(form -> symbols.add(symbol(key(species, form), form.look())));
        return symbols.build();
    }

    private static Svg symbol(String key, Appearance look) {
        return Svg.of(
                "<symbol id='{}' viewBox='-3 -42 {} {}'>{}</symbol>",
                key,
                FIELD_WIDTH,
                FIELD_HEIGHT,
                drawing(key, look));
    }

    private static Svg drawing(String key, Appearance look) {
        List<Appearance.Colour> colours = look.colours();
        String ground = colours.get(0).hex();
        String marking = colour(colours, 1);
        String accent = colours.size() > 2 ? colours.get(colours.size() - 1).hex() : marking;
        String clip = "clip-" + key;
        return look.plan() == Appearance.BodyPlan.SEAHORSE
                ? Seahorse.svg(look, clip, ground, marking, accent)
                : fish(look, clip, ground, marking, accent);
    }

    private static Svg fish(Appearance look, String clip, String ground, String marking, String accent) {
        BodyOutline body = new BodyOutline(look);
        Fins fins = new Fins(look, body);
        List<Appearance.Colour> colours = look.colours();
        String fin = colours.size() > 2
                ? colours.get(2).hex()
                : colours.size() > 1 && look.pattern() == Appearance.Pattern.BICOLOUR ? marking : ground;
        String outline = body.path();
        boolean highEyed = look.plan() == Appearance.BodyPlan.GOBY
                || look.plan() == Appearance.BodyPlan.BLENNY
                || look.plan() == Appearance.BodyPlan.DART;
        double eyeX = body.x(look.plan() == Appearance.BodyPlan.BLENNY ? 0.09 : 0.11 + 0.1 * look.snout());
        double eyeY = body.back(0.2) * (highEyed ? 0.55 : 0.3);
        double eye = Math.max(1.2, 1.6 + 2.2 * look.depth());
        Svg edge = look.accents().stream()
                .filter(one -> one.part() == Appearance.Accent.Part.EDGE)
                .map(one -> Svg.of(
                        "<g fill='none' stroke='{}' stroke-width='5'><path d='{}'/></g>",
                        one.colour().hex(),
                        outline))
                .findFirst()
                .orElse(Svg.NONE);
        return Svg.of(
                "<clipPath id='{}'><path d='{}'/></clipPath>{}{}<path d='{}' fill='{}'/><g clip-path='url(#{})'>{}{}<path d='M0 60L0 8Q40 26 84 6L84 60Z' fill='#ffffff' fill-opacity='0.14'/></g><path d='{}' fill='none' class='fish-line'/>{}<circle cx='{}' cy='{}' r='{}' fill='#f7f1dc' class='fish-line'/><circle cx='{}' cy='{}' r='{}' fill='#16181c'/>",
                clip,
                outline,
                fins.behind(fin),
                edge,
                outline,
                ground,
                clip,
                new Markings(look, body, marking, accent).svg(),
                new Accents(look, body, eyeX, eyeY, eye).svg(),
                outline,
                fins.before(look.plan() == Appearance.BodyPlan.LION ? marking : fin),
                eyeX,
                eyeY,
                eye,
                eyeX,
                eyeY,
                eye * 0.58);
    }

    private static String colour(List<Appearance.Colour> colours, int index) {
        return colours.get(Math.min(index, colours.size() - 1)).hex();
    }
}
