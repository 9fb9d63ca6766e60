package app.brasskettle.core.connection;

/** Names of the ends of groups: S3 is where group 3 starts, F3 where it finishes; groups count from 1. */
final class Terminals {

    private static final String END = "[SF][1-9][0-9]{0,3}";

    private Terminals() {}

    static String start(int group) {
        return "S" + (group + 1);
    }

    static String finish(int group) {
        return "F" + (group + 1);
    }

    /** Where a current enters group {@code group}, from 0. */
    static String entry(int group, boolean reversed) {
        return reversed ? finish(group) : start(group);
    }

    static String exit(int group, boolean reversed) {
        return reversed ? start(group) : finish(group);
    }

    /** Tells an end of a group from a lead, whose name begins with neither letter. */
    static boolean isEnd(String terminal) {
        return terminal.matches(END);
    }

    /** Tells what is meant for an end of a group, though there may be no such group. */
    static boolean looksLikeEnd(String terminal) {
        return terminal.startsWith("S") || terminal.startsWith("F");
    }
}
