package org.pelluna.app.web;

import java.beans.PropertyEditorSupport;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.springframework.util.NumberUtils;
import org.springframework.util.StringUtils;

/** A figure of a form as people write it: 3, not 3.0; nothing entered is no figure. */
final class PlainNumber extends PropertyEditorSupport {
    private static final int DECIMALS = 6;

    @Override
    public String getAsText() {
        Object value = getValue();
        if (!(value instanceof Double number) || !Double.isFinite(number)) {
            return value == null ? "" : value.toString();
        }
        BigDecimal plain = BigDecimal.valueOf(number).setScale(DECIMALS, RoundingMode.HALF_UP);
        return plain.signum() == 0 ? "0" : plain.stripTrailingZeros().toPlainString();
    }

    @Override
    public void setAsText(String text) {
        setValue(StringUtils.hasText(text) ? NumberUtils.parseNumber(text, Double.class) : null);
    }
}
