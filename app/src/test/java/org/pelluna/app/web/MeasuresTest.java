package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.pelluna.core.finding.Figure;
import org.pelluna.core.units.LengthUnit;
import org.pelluna.core.units.TemperatureUnit;
import org.pelluna.core.units.VolumeUnit;

class MeasuresTest {
    private final Measures imperial = new Measures(LengthUnit.INCH, VolumeUnit.US_GALLON, TemperatureUnit.FAHRENHEIT);

    @Test
    void sentencesOfTheCoreAreToldInTheKeepersUnits() {
        String sentence = "Grown to 25.4\u00a0cm it wants 378.5411784\u00a0L; 3 cmx stays, 5 in stays.";
        assertThat(imperial.sentence(sentence))
                .isEqualTo("Grown to 10\u00a0in it wants 100\u00a0gal; 3 cmx stays, 5 in stays.");
        assertThat(Measures.METRIC.sentence("17\u00a0cm")).isEqualTo("17\u00a0cm");
    }

    @Test
    void figuresAreToldInTheKeepersUnits() {
        assertThat(imperial.figure(Figure.measured("length", 5.08, "cm"))).isEqualTo("2\u00a0in");
        assertThat(imperial.figure(Figure.measured("gap", 6, "mm"))).isEqualTo("6\u00a0mm");
        assertThat(imperial.temperatureOf(25)).isEqualTo("77\u00a0°F");
    }
}
