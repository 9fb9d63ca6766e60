package app.brasskettle.server.signals;

/** What servers on one database call out to each other: that rows of this kind are to be looked at now. What is asked stands in them. */
public enum Signal {
    /** Runs of instruments that somebody wants the voltage taken off. */
    RUNS,
    /** Searches for a plan that somebody wants broken off. */
    SEARCHES
}
