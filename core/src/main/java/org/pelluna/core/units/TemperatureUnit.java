package org.pelluna.core.units;

/** A unit of temperature a keeper may choose. */
public enum TemperatureUnit {
    CELSIUS("°C") {
        @Override
        public double toCelsius(double value) {
            return value;
        }

        @Override
        public double fromCelsius(double celsius) {
            return celsius;
        }
    },
    FAHRENHEIT("°F") {
        @Override
        public double toCelsius(double value) {
            return (value - 32.0) * 5.0 / 9.0;
        }

        @Override
        public double fromCelsius(double celsius) {
            return celsius * 9.0 / 5.0 + 32.0;
        }
    };

    private final String symbol;

    TemperatureUnit(String symbol) {
        this.symbol = symbol;
    }

    /** The unit's symbol, as printed behind a figure. */
    public String symbol() {
        return symbol;
    }

    /** The temperature in degrees Celsius of {@code value} of this unit. */
    public abstract double toCelsius(double value);

    /** The temperature in this unit of {@code celsius} degrees Celsius. */
    public abstract double fromCelsius(double celsius);
}
