package org.pelluna.app.species;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.pelluna.app.web.Measures;
import org.pelluna.app.web.VerdictView;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.PairCheck;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;

/**
 * Some species side by side, ready to print.
 *
 * @param columns one for each species
 * @param rows what is compared
 * @param meetings for each species, encounters an hour it would give each of the others in the first week
 * @param together what speaks against any two of them beside one another
 */
record SideBySide(List<Column> columns, List<Row> rows, List<Row> meetings, List<Finding> together) {

    /** One species with what the tank says of it. */
    record Column(String id, String name, String scientificName, VerdictView verdict) {}

    /** One line: a cell for each species. */
    record Row(String name, List<Cell> cells) {}

    /**
     * One answer.
     *
     * @param percent of the largest of its row; below 0 for words
     */
    record Cell(String value, int percent) {}

    static SideBySide of(ResolvedPlan stock, List<Judgement> judged, Measures measures) {
        List<Species> species =
                judged.stream().map(one -> one.wished().species()).toList();
        return new SideBySide(
                judged.stream().map(SideBySide::column).toList(),
                rows(species, measures),
                meetings(stock, judged),
                together(stock, judged));
    }

    private static Column column(Judgement one) {
        Species species = one.wished().species();
        return new Column(species.id().key(), species.commonName(), species.scientificName(), VerdictView.of(one));
    }

    private static List<Row> rows(List<Species> species, Measures measures) {
        return List.of(
                figures("Adult in tanks", species, one -> one.size().adultCm().value(), measures::lengthOf),
                figures("As sold", species, one -> one.size().saleCm().value(), measures::lengthOf),
                figures(
                        "Water an adult needs",
                        species,
                        one -> one.needs().volumeLitres().value(),
                        measures::volumeOf),
                figures(
                        "Swimming length an adult needs",
                        species,
                        one -> one.swimWantedCm(one.size().adultCm().value(), 0),
                        cm -> cm == 0 ? "floor and cover" : measures.lengthOf(cm)),
                words("Lives", species, one -> one.habits().zone().words()),
                words("Eats", species, one -> one.habits().diet().words()),
                words("At feeding time", species, one -> one.habits().pace().words()),
                figures(
                        "Feeds a day",
                        species,
                        one -> one.habits().feedsPerDay().value(),
                        Numbers::plain),
                words("Kept", species, one -> one.company().way().words()),
                figures(
                        "Temperament to its own species",
                        species,
                        one -> one.temper().toward().ownSpecies(),
                        SideBySide::share),
                figures(
                        "toward its family",
                        species,
                        one -> one.temper().toward().family(),
                        SideBySide::share),
                figures(
                        "toward all others",
                        species,
                        one -> one.temper().toward().others(),
                        SideBySide::share),
                words("May nip or eat", species, SideBySide::eats),
                words("Can hurt you by", species, SideBySide::hazards),
                figures(
                        "Lives for",
                        species,
                        one -> one.growth().lifespanYears().value(),
                        years -> Numbers.plain(years, 0) + " years"),
                words("Keeper", species, one -> lower(one.needs().care())),
                words("Price", species, one -> lower(one.trade().price())));
    }

    private static Row figures(
            String name, List<Species> species, ToDoubleFunction<Species> figure, Function<Double, String> words) {
        double most = species.stream().mapToDouble(figure).max().orElse(1);
        return new Row(
                name,
                species.stream()
                        .map(one -> new Cell(words.apply(figure.applyAsDouble(one)), (int)
                                Math.round(100 * figure.applyAsDouble(one) / Math.max(1e-9, most))))
                        .toList());
    }

    private static Row words(String name, List<Species> species, Function<Species, String> words) {
        return new Row(
                name,
                species.stream().map(one -> new Cell(words.apply(one), -1)).toList());
    }

    private static List<Row> meetings(ResolvedPlan stock, List<Judgement> judged) {
        Encounters encounters = Encounters.of(stock);
        return judged.stream()
                .map(one -> new Row(
                        one.wished().species().commonName(),
                        judged.stream()
                                .map(other -> one == other
                                        ? new Cell("", -1)
                                        : new Cell(
                                                Numbers.plain(encounters
                                                        .onArrival(
                                                                one.wished().fish(),
                                                                other.wished().fish(),
                                                                1)
                                                        .perHour()),
                                                -1))
                                .toList()))
                .toList();
    }

    private static List<Finding> together(ResolvedPlan stock, List<Judgement> judged) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < judged.size(); i++) {
            for (int j = i + 1; j < judged.size(); j++) {
                PairCheck.of(
                                stock,
                                judged.get(i).wished().fish(),
                                judged.get(j).wished().fish())
                        .ifPresent(findings::add);
            }
        }
        findings.sort(Comparator.comparing(Finding::severity));
        return findings;
    }

    private static String eats(Species one) {
        return one.reef().isEmpty()
                ? "no reef animals"
                : one.reef().keySet().stream().map(group -> group.words()).collect(Collectors.joining(", "));
    }

    private static String hazards(Species one) {
        return one.hazards().isEmpty()
                ? "nothing known"
                : one.hazards().stream().map(hazard -> hazard.kind().words()).collect(Collectors.joining(", "));
    }

    private static String share(double share) {
        return Numbers.plain(share, 2);
    }

    private static String lower(Enum<?> choice) {
        return choice.name().toLowerCase(Locale.ROOT);
    }
}
