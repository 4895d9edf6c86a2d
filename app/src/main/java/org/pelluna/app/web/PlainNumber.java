package org.pelluna.app.web;

import org.pelluna.core.units.Numbers;
import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;

/** A figure of a form as people write it: 3, not 3.0. */
@Component
class PlainNumber implements Converter<Double, String> {
    private static final int DECIMALS = 6;

    @Override
    public String convert(Double number) {
        return Double.isFinite(number) ? Numbers.plain(number, DECIMALS) : number.toString();
    }
}
