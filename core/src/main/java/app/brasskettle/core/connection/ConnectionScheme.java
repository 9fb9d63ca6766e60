package app.brasskettle.core.connection;

import app.brasskettle.core.winding.WindingConnection;
import app.brasskettle.core.worksheet.Coded;
import java.util.Optional;

/** What leaves the winding: its leads, and what can be made of them outside. */
public enum ConnectionScheme implements Coded {
    THREE_LEAD(3),
    SIX_LEAD(6),
    NINE_LEAD(9),
    TWELVE_LEAD(12),
    TWO_SPEED_VARIABLE_TORQUE(6),
    TWO_SPEED_CONSTANT_TORQUE(6),
    TWO_SPEED_CONSTANT_POWER(6);

    private final int leads;

    ConnectionScheme(int leads) {
        this.leads = leads;
    }

    /** Returns the number of leads. */
    int leads() {
        return leads;
    }

    boolean twoSpeed() {
        return ordinal() >= TWO_SPEED_VARIABLE_TORQUE.ordinal();
    }

    /** Tells whether wye or delta is made inside and has to be told. */
    boolean connectedInside() {
        return this == THREE_LEAD || this == NINE_LEAD;
    }

    /**
     * Returns how the coils are connected at the number of poles of their groups: of two speeds that is the high one.
     *
     * @return wye or delta; empty where it is the shop's to make or to tell
     */
    Optional<WindingConnection> atHighSpeed() {
        return switch (this) {
            case TWO_SPEED_VARIABLE_TORQUE, TWO_SPEED_CONSTANT_TORQUE -> Optional.of(WindingConnection.WYE);
            case TWO_SPEED_CONSTANT_POWER -> Optional.of(WindingConnection.DELTA);
            default -> Optional.empty();
        };
    }

    /** Returns how many times as many circuits a phase has at the high speed as in its series connection. */
    int circuitsAtHighSpeed() {
        return atHighSpeed().filter(c -> c == WindingConnection.WYE).isPresent() ? 2 : 1;
    }

    /** Returns how many runs of groups a leg has for one circuit of the series connection. */
    int runsPerCircuit() {
        return this == NINE_LEAD || this == TWELVE_LEAD ? 2 : 1;
    }
}
