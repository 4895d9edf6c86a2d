package org.pelluna.app;

import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.core.MethodParameter;
import org.springframework.core.ResolvableType;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;

/**
 * What a route asks for, read off its method: every parameter and every field of its form, with a value of the right kind. Words that name
 * things ({@code fish}, {@code key}, {@code wish} …) and every other text take the key that is tried, so that a new field cannot be forgotten.
 */
final class FormOfRoute {
    private static final Map<Class<?>, String> VALUES = Map.of(
            LocalDate.class,
            "2026-01-02",
            LocalDateTime.class,
            "2026-01-02T10:00",
            LocalTime.class,
            "10:00",
            Integer.class,
            "1",
            int.class,
            "1",
            Double.class,
            "4.5",
            double.class,
            "4.5",
            Boolean.class,
            "true",
            boolean.class,
            "true");

    private FormOfRoute() {}

    /** Every name the route reads, with a value; texts and keys are the tried key. */
    static Map<String, String> of(HandlerMethod route, String key) {
        Map<String, String> form = new LinkedHashMap<>();
        for (MethodParameter parameter : route.getMethodParameters()) {
            parameter.initParameterNameDiscovery(new org.springframework.core.DefaultParameterNameDiscoverer());
            RequestParam asked = parameter.getParameterAnnotation(RequestParam.class);
            ModelAttribute bound = parameter.getParameterAnnotation(ModelAttribute.class);
            if (asked != null && !Map.class.isAssignableFrom(parameter.getParameterType())) {
                String name = Stream.of(asked.name(), asked.value(), String.valueOf(parameter.getParameterName()))
                        .filter(one -> !one.isEmpty())
                        .findFirst()
                        .orElseThrow();
                value(parameter.nestedIfOptional().getNestedParameterType(), key)
                        .ifPresent(one -> form.put(name, one));
            } else if (bound != null && bound.binding()) {
                fields(parameter.getParameterType(), key, form);
            }
        }
        return form;
    }

    private static void fields(Class<?> type, String key, Map<String, String> form) {
        for (Field field : type.getDeclaredFields()) {
            if (!Modifier.isStatic(field.getModifiers())) {
                Class<?> kind = ResolvableType.forField(field).toClass();
                if (!List.class.isAssignableFrom(kind) && !Map.class.isAssignableFrom(kind)) {
                    value(kind, key).ifPresent(one -> form.put(field.getName(), one));
                }
            }
        }
    }

    private static Optional<String> value(Class<?> type, String key) {
        if (type == String.class) {
            return Optional.of(key);
        }
        if (type == UUID.class) {
            return isUuid(key) ? Optional.of(key) : Optional.empty();
        }
        if (type.isEnum()) {
            return Arrays.stream(type.getEnumConstants())
                    .map(one -> ((Enum<?>) one).name())
                    .findFirst();
        }
        return Optional.ofNullable(VALUES.get(type));
    }

    static boolean isUuid(String key) {
        try {
            return UUID.fromString(key).toString().equals(key);
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
