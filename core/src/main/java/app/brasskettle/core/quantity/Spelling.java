package app.brasskettle.core.quantity;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Typed figures with the unit written out that their writer meant.
 *
 * <p>A bare "50" is 50 kW to one person and 50 hp to another. What is kept must not depend on who reads it, so the unit is
 * written beside it before it is kept: "50 hp". Where both mean the same unit, and where a unit stands already, nothing changes.
 */
public final class Spelling {

    private final UnitSystem system;

    private Spelling(UnitSystem system) {
        this.system = system;
    }

    /** What {@code typed} says for a record of {@code type}, written by somebody who thinks in {@code system}. */
    public static Map<String, Object> of(Class<?> type, Map<String, ?> typed, UnitSystem system) {
        return new Spelling(system).record(type, typed);
    }

    private Map<String, Object> record(Class<?> type, Map<String, ?> typed) {
        Map<String, Type> types = new LinkedHashMap<>();
        for (RecordComponent c : type.getRecordComponents()) {
            types.put(c.getName(), c.getGenericType());
        }
        Map<String, Object> spelt = new LinkedHashMap<>();
        typed.forEach((name, value) ->
                spelt.put(name, types.containsKey(name) ? value(types.get(name), name, value) : value));
        return spelt;
    }

    private Object value(Type type, String name, Object value) {
        if (type instanceof ParameterizedType p) {
            Type inner = p.getActualTypeArguments()[p.getActualTypeArguments().length - 1];
            if (p.getRawType() == Optional.class || !(value instanceof List<?> list)) {
                return value(inner, name, value);
            }
            List<Object> spelt = new ArrayList<>();
            list.forEach(v -> spelt.add(value(inner, name, v)));
            return spelt;
        }
        Class<?> c = (Class<?>) type;
        if (c.isRecord() && value instanceof Map<?, ?> map) {
            @SuppressWarnings("unchecked")
            Map<String, ?> inner = (Map<String, ?>) map;
            return record(c, inner);
        }
        boolean figure = c == double.class || c == Double.class;
        return figure && value instanceof String text ? spelt(text, Dimension.ofField(name)) : value;
    }

    private String spelt(String text, Dimension kind) {
        boolean same = kind.typed(UnitSystem.METRIC).equals(kind.typed(UnitSystem.US_CUSTOMARY));
        return same || !Quantity.bare(text) ? text : text.strip() + " " + kind.typed(system);
    }
}
