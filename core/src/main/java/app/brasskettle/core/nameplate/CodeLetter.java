package app.brasskettle.core.nameplate;

import app.brasskettle.core.worksheet.Coded;
import java.util.OptionalDouble;

/**
 * Letter for the locked-rotor apparent power per horsepower (NEMA MG 1, 10.37).
 *
 * <p>Each letter reaches from the figure of the letter before it up to its own, in kVA per hp; V has no upper figure.
 */
public enum CodeLetter implements Coded {
    A(3.15),
    B(3.55),
    C(4.0),
    D(4.5),
    E(5.0),
    F(5.6),
    G(6.3),
    H(7.1),
    J(8.0),
    K(9.0),
    L(10.0),
    M(11.2),
    N(12.5),
    P(14.0),
    R(16.0),
    S(18.0),
    T(20.0),
    U(22.4),
    V(Double.POSITIVE_INFINITY);

    private final double upper;

    CodeLetter(double upper) {
        this.upper = upper;
    }

    @Override
    public String code() {
        return name();
    }

    /** Lower bound in kVA per hp. */
    double lowKvaPerHp() {
        return this == A ? 0 : values()[ordinal() - 1].upper;
    }

    /** Upper bound in kVA per hp, none for V. */
    OptionalDouble highKvaPerHp() {
        return this == V ? OptionalDouble.empty() : OptionalDouble.of(upper);
    }
}
