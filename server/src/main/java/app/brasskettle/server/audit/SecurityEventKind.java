package app.brasskettle.server.audit;

import app.brasskettle.core.worksheet.Coded;

/** What is written into the security journal. */
public enum SecurityEventKind implements Coded {
    SIGNED_IN,
    SIGN_IN_FAILED,
    SIGN_IN_THROTTLED,
    SIGNED_OUT,
    TURN_TAKEN,
    TURN_FAILED,
    PASSWORD_CHANGED,
    PASSWORD_RESET,
    PIN_CHANGED,
    ACCOUNT_MADE,
    ACCOUNT_CHANGED,
    TOKEN_MADE,
    TOKEN_TAKEN_BACK,
    FACTOR_CHANGED,
    SHOP_OPENED,
    EXPORTED
}
