package org.pelluna.core.stored;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What a component of a record is read as where a stored or sent text lacks its key. Every component that is added to a record that was
 * stored before needs one; otherwise what was stored cannot be read any more.
 *
 * <p>Lists, sets and maps are read as empty and {@code Optional}s as empty without it. A component without it and of another type is one
 * without which the record means nothing, such as the day of a test: a text that lacks its key is refused, with the key's name.
 *
 * <p>Example: {@code @IfAbsent("1.025") double specificGravity}, {@code @IfAbsent("\"usual\"") Scatter scatter},
 * {@code @IfAbsent("{}") HouseRules rules}, which reads the defaults of the rules' own components.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
public @interface IfAbsent {
    /** The value as JSON. */
    String value();
}
