package app.brasskettle.core.nameplate;

import app.brasskettle.core.quantity.TypedInput;
import java.util.LinkedHashMap;
import java.util.Map;

/** Plates as somebody types them. */
public final class Plates {

    private Plates() {}

    /** The plate of a 15 kW motor, with {@code other} in place of what stands there; an empty text takes a field away. */
    public static Map<String, Object> typed(Map<String, Object> other) {
        Map<String, Object> typed = new LinkedHashMap<>(Map.of(
                "phases", "3",
                "frequencyHz", "50",
                "ratedPowerW", "15 kW",
                "ratedVoltageV", "400",
                "ratedCurrentA", "29",
                "ratedSpeedRpm", "1460",
                "connection", "wye",
                "windingKind", "random-wound",
                "insulationClass", "F"));
        typed.put("madeBefore1970", false);
        typed.put("hazardousArea", false);
        typed.putAll(other);
        return typed;
    }

    /** The same, read. */
    public static Plate plate(Map<String, Object> other) {
        return TypedInput.read(Plate.class, typed(other)).input();
    }
}
