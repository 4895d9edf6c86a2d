package org.pelluna.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Conversion factors: NIST SP 811, appendix B.8. */
class OrderItemsTest {
    @Test
    void aUsGallonAndAnInchAreExact() {
        assertThat(VolumeUnit.US_GALLON.toLitres(1)).isEqualTo(3.785411784);
        assertThat(LengthUnit.INCH.toCentimetres(1)).isEqualTo(2.54);
    }

    @Test
    void entriesComeBackTheSame() {
        Random random = new Random(42);
        for (int i = 0; i < 1000; i++) {
            double entered = Math.round(random.nextDouble() * 1e6) / 1e3;
            assertThat(VolumeUnit.US_GALLON.fromLitres(VolumeUnit.US_GALLON.toLitres(entered)))
                    .isCloseTo(entered, within(1e-9));
            assertThat(LengthUnit.INCH.fromCentimetres(LengthUnit.INCH.toCentimetres(entered)))
                    .isCloseTo(entered, within(1e-9));
            assertThat(TemperatureUnit.FAHRENHEIT.fromCelsius(TemperatureUnit.FAHRENHEIT.toCelsius(entered)))
                    .isCloseTo(entered, within(1e-9));
        }
    }

    @ParameterizedTest
    @CsvSource({"32, 0", "78.8, 26", "212, 100"})
    void fahrenheitToCelsius(double fahrenheit, double celsius) {
        assertThat(TemperatureUnit.FAHRENHEIT.toCelsius(fahrenheit)).isCloseTo(celsius, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"17.04, 17", "17.05, 17.1", "100, 100", "-0.04, 0", "0.5, 0.5"})
    void figuresInSentencesDropNeedlessZeros(double value, String printed) {
        assertThat(Numbers.plain(value)).isEqualTo(printed);
    }

    @Test
    void aFigureThatIsNoNumberIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Numbers.plain(Double.NaN));
    }
}
