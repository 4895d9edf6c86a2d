package org.pelluna.core.json;

import java.util.Arrays;
import org.pelluna.core.stored.IfAbsent;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.deser.NullValueProvider;
import tools.jackson.databind.deser.SettableBeanProperty;
import tools.jackson.databind.deser.ValueInstantiator;
import tools.jackson.databind.module.SimpleValueInstantiators;
import tools.jackson.databind.util.AccessPattern;

/** Reads absent keys of records as {@link IfAbsent} says, and absent collections as empty ones. */
final class AbsentKeys extends SimpleValueInstantiators {
    @Override
    public ValueInstantiator modifyValueInstantiator(
            DeserializationConfig config, BeanDescription.Supplier description, ValueInstantiator instantiator) {
        return description.getBeanClass().isRecord() ? new Complete(instantiator) : instantiator;
    }

    private static final class Complete extends ValueInstantiator.Delegating {
        Complete(ValueInstantiator instantiator) {
            super(instantiator);
        }

        @Override
        public ValueInstantiator createContextual(
                DeserializationContext context, BeanDescription.Supplier description) {
            return this;
        }

        @Override
        public SettableBeanProperty[] getFromObjectArguments(DeserializationConfig config) {
            return Arrays.stream(delegate().getFromObjectArguments(config))
                    .map(Complete::withDefault)
                    .toArray(SettableBeanProperty[]::new);
        }

        private static SettableBeanProperty withDefault(SettableBeanProperty component) {
            IfAbsent stated = component.getAnnotation(IfAbsent.class);
            JavaType type = component.getType();
            if (stated != null) {
                return component.withNullProvider(new Default(stated.value(), type, component));
            }
            if (type.isCollectionLikeType() || type.isMapLikeType()) {
                return component.withNullProvider(new Default(type.isMapLikeType() ? "{}" : "[]", type, component));
            }
            return component;
        }
    }

    /**
     * The value of an absent key. A key that is there with {@code null} is treated as before.
     *
     * @param json the value as JSON
     * @param type its type
     * @param component whose value it is
     */
    private record Default(String json, JavaType type, SettableBeanProperty component) implements NullValueProvider {
        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return Json.MAPPER.readValue(json, type);
        }

        @Override
        public Object getNullValue(DeserializationContext context) {
            return component.getValueDeserializer().getNullValue(context);
        }

        @Override
        public AccessPattern getNullAccessPattern() {
            return AccessPattern.DYNAMIC;
        }
    }
}
