package org.pelluna.core.species;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.units.Numbers;

/** What the catalogue knows and how it knows it, as a page for its maintainers; and every name with where it leads. */
final class CatalogueReport {
    /** Figures that stand alike in a whole genus of so many are listed, to be confirmed or corrected by hand. */
    private static final int GENUS = 4;

    private static final double COMMON = 0.2;

    private static final Map<String, ToDoubleFunction<Species>> FIGURES = new LinkedHashMap<>();

    static {
        FIGURES.put("von Bertalanffy's K", one -> one.growth().ratePerYear().value());
        FIGURES.put("lifespan", one -> one.growth().lifespanYears().value());
        FIGURES.put("gape", one -> one.gape().value());
        FIGURES.put("water, L", one -> one.needs().volumeLitres().value());
        FIGURES.put("maturity, months", one -> one.needs().maturityMonths().value());
        FIGURES.put("coolest, °C", one -> one.water().coolestCelsius().value());
        FIGURES.put("warmest, °C", one -> one.water().warmestCelsius().value());
        FIGURES.put(
                "lowest specific gravity",
                one -> one.water().lowestSpecificGravity().value());
        FIGURES.put("temper toward others", one -> one.temper().toward().others());
        FIGURES.put("territory", one -> one.temper().territory());
    }

    private CatalogueReport() {}

    /** Every figure of a species that carries a provenance. */
    private static List<Provenance> provenances(Species one) {
        return List.of(
                one.size().maximumCm().from(),
                one.size().adultCm().from(),
                one.size().saleCm().from(),
                one.growth().ratePerYear().from(),
                one.growth().massA().from(),
                one.growth().massB().from(),
                one.growth().lifespanYears().from(),
                one.habits().feedsPerDay().from(),
                one.temper().from(),
                one.company().from(),
                one.gape().from(),
                one.needs().volumeLitres().from(),
                one.needs().swimCm().from(),
                one.needs().sandCm().from(),
                one.needs().maturityMonths().from(),
                one.needs().podsMonths().from(),
                one.water().coolestCelsius().from(),
                one.water().warmestCelsius().from(),
                one.water().lowestSpecificGravity().from(),
                one.trade().from());
    }

    static String coverage(Catalogue catalogue) {
        Collection<Species> all = catalogue.all();
        Map<String, List<Species>> families =
                all.stream().collect(Collectors.groupingBy(Species::family, TreeMap::new, Collectors.toList()));
        StringBuilder text = new StringBuilder("""
                # The catalogue

                Written by `./pelluna catalogue` and held current by `CatalogueReportTest`. Every name and where it leads: [names.md](names.md).

                """);
        text.append(all.size()).append(" species of ").append(families.size()).append(" families; ");
        text.append(all.stream().filter(one -> one.names().size() >= 5).count())
                .append(" have five names or more, the median has ")
                .append(median(all.stream().map(one -> one.names().size()).toList()))
                .append(".\n\n## How its figures are known\n\n");
        text.append(
                "Twenty figures of every species carry their provenance. *Assumed* figures are taken over from the nearest kin and said"
                        + " to be so wherever they are shown; *memory* is recalled and not yet checked against a source.\n\n");
        text.append(
                "| Family | Species | published | common practice | memory | assumed |\n|---|--:|--:|--:|--:|--:|\n");
        row(text, "**all**", all);
        families.forEach((family, species) -> row(text, family, species));
        alike(text, all);
        return text.toString();
    }

    /** Figures and tempers that several species share, each with the reason why it was left so; what has none is still to be read by hand. */
    private static void alike(StringBuilder text, Collection<Species> all) {
        Map<String, String> why = reasons();
        Map<String, List<String>> genera = new LinkedHashMap<>();
        FIGURES.forEach((name, figure) -> byGenus(all).forEach((genus, species) -> {
            if (species.stream().mapToDouble(figure).distinct().count() == 1) {
                genera.computeIfAbsent(name, any -> new ArrayList<>())
                        .add("*" + genus + "* " + Numbers.plain(figure.applyAsDouble(species.get(0)), 4));
            }
        }));
        text.append("\n## Alike, and why\n\nFigures that stand alike in a whole genus of ")
                .append(GENUS);
        text.append(" or more, read by hand:\n\n");
        genera.forEach((name, in) -> text.append("- ")
                .append(name)
                .append(": ")
                .append(reason(why, name))
                .append(". ")
                .append(String.join(", ", in))
                .append("\n"));
        text.append("\nFigures that more than a fifth of all species share:\n\n");
        FIGURES.forEach((name, figure) -> all.stream()
                .collect(Collectors.groupingBy(figure::applyAsDouble, TreeMap::new, Collectors.counting()))
                .forEach((value, count) -> {
                    if (count > COMMON * all.size()) {
                        text.append("- ").append(name).append(": ").append(Numbers.plain(value, 4));
                        text.append(" in ").append(count).append("\n");
                    }
                }));
        text.append("\nCongeners of one temper in every figure, read by hand:\n\n");
        twins(all)
                .forEach(names -> text.append("- ")
                        .append(names)
                        .append(": ")
                        .append(reason(why, names))
                        .append("\n"));
    }

    /** Groups of congeners that take to others alike in every figure, by name. */
    private static List<String> twins(Collection<Species> all) {
        return byGenus(all).values().stream()
                .flatMap(species -> species.stream()
                        .collect(Collectors.groupingBy(
                                one -> one.temper().toward() + " "
                                        + one.temper().territory(),
                                TreeMap::new,
                                Collectors.toList()))
                        .values()
                        .stream())
                .filter(alike -> alike.size() > 1)
                .map(alike ->
                        alike.stream().map(Species::scientificName).sorted().collect(Collectors.joining(", ")))
                .sorted()
                .toList();
    }

    /** What nobody has read by hand. */
    static List<String> unread(Catalogue catalogue) {
        Map<String, String> why = reasons();
        return Stream.concat(FIGURES.keySet().stream(), twins(catalogue.all()).stream())
                .filter(what -> !why.containsKey(what))
                .toList();
    }

    /** Reasons for what is no longer alike. */
    static List<String> idleReasons(Catalogue catalogue) {
        List<String> twins = twins(catalogue.all());
        return reasons().keySet().stream()
                .filter(what -> !FIGURES.containsKey(what) && !twins.contains(what))
                .toList();
    }

    private static String reason(Map<String, String> why, String what) {
        return why.getOrDefault(what, "**to be confirmed or corrected**");
    }

    /** Why figures or tempers are alike, by figure or by the names of the species. */
    private static Map<String, String> reasons() {
        try (CSVParser rows = CSVParser.parse(
                Objects.requireNonNull(CatalogueReport.class.getResourceAsStream("alike.csv")),
                StandardCharsets.UTF_8,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            return rows.stream().collect(Collectors.toMap(row -> row.get("what"), row -> row.get("why")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, List<Species>> byGenus(Collection<Species> all) {
        Map<String, List<Species>> genera =
                all.stream().collect(Collectors.groupingBy(Species::genus, TreeMap::new, Collectors.toList()));
        genera.values().removeIf(species -> species.size() < GENUS);
        return genera;
    }

    private static void row(StringBuilder text, String name, Collection<Species> species) {
        Map<Provenance.Kind, Long> kinds = species.stream()
                .flatMap(one -> provenances(one).stream())
                .collect(Collectors.groupingBy(
                        Provenance::kind, () -> new EnumMap<>(Provenance.Kind.class), Collectors.counting()));
        text.append("| ").append(name).append(" | ").append(species.size());
        for (Provenance.Kind kind : List.of(
                Provenance.Kind.PUBLISHED, Provenance.Kind.PRACTICE, Provenance.Kind.MEMORY, Provenance.Kind.ASSUMED)) {
            text.append(" | ").append(kinds.getOrDefault(kind, 0L));
        }
        text.append(" |\n");
    }

    private static int median(List<Integer> values) {
        List<Integer> sorted = values.stream().sorted().toList();
        return sorted.get(sorted.size() / 2);
    }

    static String names(Catalogue catalogue) {
        Lookup lookup = new Lookup(catalogue.all());
        Map<String, String> leads =
                new TreeMap<>(String.CASE_INSENSITIVE_ORDER.thenComparing(Comparator.naturalOrder()));
        catalogue.all().stream().flatMap(one -> one.names().stream()).distinct().forEach(name -> {
            Lookup.Answer answer = lookup.ask(name);
            String to = answer.species().stream()
                    .limit(answer.isCertain() ? 1 : 4)
                    .map(Species::scientificName)
                    .collect(Collectors.joining(", "));
            leads.put(name, answer.isCertain() ? to : "asks: " + to);
        });
        StringBuilder text = new StringBuilder("# Every name and where it leads\n\nWritten by `./pelluna catalogue`. ");
        text.append(leads.size()).append(" names.\n\n");
        leads.forEach((name, to) ->
                text.append("- ").append(name).append(" → ").append(to).append("\n"));
        return text.toString();
    }
}
