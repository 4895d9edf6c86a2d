package org.pelluna.app.species;

import java.util.List;
import java.util.stream.Stream;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.web.Measures;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Correction;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.species.Species;
import org.pelluna.core.species.SpeciesFigure;
import org.pelluna.core.units.Numbers;

/**
 * A keeper's own figure beside the catalogue's, ready to print.
 *
 * @param key which figure
 * @param name its name
 * @param yours the keeper's
 * @param catalogues the catalogue's
 * @param source how the catalogue's is known
 * @param note where the keeper's is known from
 * @param on the day it was entered
 * @param seen the mark of the keeper's figure, for the form that changes it
 */
record OwnFigureView(
        String key, String name, String yours, String catalogues, String source, String note, String on, String seen) {

    /**
     * A figure that can be entered.
     *
     * @param now its value as it counts now, as a keeper enters it
     */
    record Kind(String key, String words, String now) {}

    /** The keeper's figures of one species of the catalogue. */
    static List<OwnFigureView> of(TankPlan plan, SpeciesId id, Catalogue catalogue, Measures measures) {
        return catalogue.find(id).stream()
                .flatMap(one -> plan.corrections().stream()
                        .filter(figure -> figure.speciesId().equals(id))
                        .map(figure -> of(figure, figure.figure().of(one), measures)))
                .toList();
    }

    private static OwnFigureView of(Correction one, Sourced catalogues, Measures measures) {
        return new OwnFigureView(
                one.figure().name(),
                one.figure().words(),
                words(one.figure(), one.value(), measures),
                words(one.figure(), catalogues.value(), measures),
                catalogues.from().words(),
                one.note(),
                one.on().toString(),
                VersionMark.mark(one));
    }

    /** Every figure that can be entered. */
    static List<Kind> kinds(Species one, Measures measures) {
        return Stream.of(SpeciesFigure.values())
                .map(figure -> new Kind(
                        figure.name(),
                        figure.words() + unit(figure, measures),
                        Numbers.plain(fromCore(figure, figure.of(one).value(), measures), 4)))
                .toList();
    }

    static String words(SpeciesFigure figure, double value, Measures measures) {
        return switch (figure.dimension()) {
            case LENGTH -> measures.lengthOf(value);
            case VOLUME -> measures.volumeOf(value);
            case TEMPERATURE -> measures.temperatureOf(value);
            case NUMBER -> Numbers.plain(value, 4);
        };
    }

    /** What a keeper entered, in the core's unit. */
    static double toCore(SpeciesFigure figure, double entered, Measures measures) {
        return switch (figure.dimension()) {
            case LENGTH -> measures.length().toCentimetres(entered);
            case VOLUME -> measures.volume().toLitres(entered);
            case TEMPERATURE -> measures.temperature().toCelsius(entered);
            case NUMBER -> entered;
        };
    }

    /** A figure of the core as a keeper enters it. */
    static double fromCore(SpeciesFigure figure, double value, Measures measures) {
        return switch (figure.dimension()) {
            case LENGTH -> measures.length().fromCentimetres(value);
            case VOLUME -> measures.volume().fromLitres(value);
            case TEMPERATURE -> measures.temperature().fromCelsius(value);
            case NUMBER -> value;
        };
    }

    private static String unit(SpeciesFigure figure, Measures measures) {
        return switch (figure.dimension()) {
            case LENGTH -> ", " + measures.length().symbol();
            case VOLUME -> ", " + measures.volume().symbol();
            case TEMPERATURE -> ", " + measures.temperature().symbol();
            case NUMBER -> "";
        };
    }
}
