package org.pelluna.core.finding;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.pelluna.core.units.Quantity;

/**
 * A sentence made of text and quantities, so that a page prints its lengths and volumes in the keeper's units.
 *
 * @param parts text and {@link Quantity quantities}, in order
 */
public record Sentence(List<Object> parts) {
    public Sentence {
        parts = List.copyOf(parts);
    }

    /** A sentence of parts; a quantity stays one, a sentence gives its own parts, all else is text. */
    public static Sentence of(Object... parts) {
        return new Sentence(Arrays.stream(parts)
                .flatMap(part -> part instanceof Sentence sentence ? sentence.parts.stream() : Stream.of(part))
                .map(part -> part instanceof Quantity ? part : String.valueOf(part))
                .toList());
    }

    /** The sentence with its quantities printed by the given rule. */
    public String text(Function<Quantity, String> print) {
        return parts.stream()
                .map(part -> part instanceof Quantity quantity ? print.apply(quantity) : (String) part)
                .collect(Collectors.joining());
    }

    /** The sentence in the core's units. */
    @Override
    public String toString() {
        return text(Quantity::toString);
    }
}
