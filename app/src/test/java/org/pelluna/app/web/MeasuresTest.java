package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.Quantity;
import org.pelluna.core.units.TemperatureUnit;
import org.pelluna.core.units.VolumeUnit;

class MeasuresTest {
    private final Measures imperial = new Measures(LengthUnit.INCH, VolumeUnit.US_GALLON, TemperatureUnit.FAHRENHEIT);

    @Test
    void sentencesOfTheCoreAreToldInTheKeepersUnits() {
        Sentence sentence = Sentence.of(
                "Grown to ",
                Quantity.cm(25.4),
                " it wants ",
                Quantity.litres(378.5411784),
                "; “3 cm” in a note stays.");
        assertThat(imperial.sentence(sentence))
                .isEqualTo("Grown to 10\u00a0in it wants 100\u00a0gal; “3 cm” in a note stays.");
        assertThat(Measures.METRIC.sentence(sentence))
                .isEqualTo(sentence.toString())
                .isEqualTo("Grown to 25.4\u00a0cm it wants 379\u00a0L; “3 cm” in a note stays.");
        assertThat(imperial.sentence(Sentence.of("under ", Quantity.wholeCm(30))))
                .as("an inch is long: a tenth of it is told")
                .isEqualTo("under 11.8\u00a0in");
    }

    @Test
    void aSentenceOfSentencesIsOneSentence() {
        Sentence inner = Sentence.of("the sand is ", Quantity.cm(5), " deep");
        assertThat(Sentence.of("It digs, and ", inner, ".").parts())
                .containsExactly("It digs, and ", "the sand is ", Quantity.cm(5), " deep", ".");
    }

    @Test
    void figuresAreToldInTheKeepersUnits() {
        assertThat(imperial.figure(Figure.measured("length", 5.08, "cm"))).isEqualTo("2\u00a0in");
        assertThat(imperial.figure(Figure.measured("gap", 6, "mm"))).isEqualTo("6\u00a0mm");
        assertThat(imperial.temperatureOf(25)).isEqualTo("77\u00a0°F");
    }
}
