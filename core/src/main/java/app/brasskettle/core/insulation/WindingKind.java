package app.brasskettle.core.insulation;

import app.brasskettle.core.worksheet.Coded;

/** Make of a winding, as the limits of insulation and resistance tell them apart. */
public enum WindingKind implements Coded {
    RANDOM_WOUND,
    FORM_WOUND,
    ARMATURE,
    FIELD;

    /** The kind in running text. */
    public String label() {
        return switch (this) {
            case RANDOM_WOUND -> "a random winding";
            case FORM_WOUND -> "form-wound coils";
            case ARMATURE -> "an armature";
            case FIELD -> "a field winding";
        };
    }
}
