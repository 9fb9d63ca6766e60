package app.brasskettle.server.throttle;

import java.time.Duration;

/** What is tried, how often in which time before it is judged no more. */
public enum Attempt {
    /** Passwords for one name from one address. */
    SIGN_IN(5, Duration.ofMinutes(1)),
    /** Passwords for any name from one address: a shop signs in from one, in the morning all at once. */
    SIGN_IN_ADDRESS(60, Duration.ofMinutes(1)),
    /** Passwords for one name from all addresses it never signed in from: an old address of its own is its way back. */
    SIGN_IN_ELSEWHERE(100, Duration.ofHours(1)),
    /** Passwords or codes that a person who is signed in gives once more. */
    CONFIRMATION(5, Duration.ofMinutes(1)),
    /** Numbers for turns at one tablet. */
    TURN(20, Duration.ofMinutes(1)),
    /** Addresses that open no quote. */
    QUOTE_ADDRESS(10, Duration.ofMinutes(1)),
    /** Addresses that open no calendar: a program whose address was taken back asks a few times an hour. */
    CALENDAR_ADDRESS(10, Duration.ofMinutes(1));

    private final int free;
    private final Duration window;

    Attempt(int free, Duration window) {
        this.free = free;
        this.window = window;
    }

    int free() {
        return free;
    }

    long windowS() {
        return window.toSeconds();
    }
}
