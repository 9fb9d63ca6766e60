package app.brasskettle.core.work;

import java.util.Arrays;
import java.util.List;

/** Steps of a job that are no tests: where on the page they are, and what their heading says. */
public enum JobStep {
    ARRIVAL(Station.RECEIVE, Order.BEFORE_TESTS, "receive", "Arrival"),
    PLATE(Station.RECEIVE, Order.BEFORE_TESTS, "plate", "Nameplate"),
    DEAD(Station.BENCH, Order.BEFORE_TESTS, "bench/dead", "Lockout, tester check"),
    RELEASE(Station.BENCH, Order.BEFORE_POWER, "bench/release", "Release to run"),
    PARTS(Station.TEARDOWN, Order.BEFORE_TESTS, "teardown/parts", "Marks and parts"),
    LEAD_MAP(Station.TEARDOWN, Order.BEFORE_TESTS, "teardown/lead-map", "Lead map"),
    FINDINGS(Station.TEARDOWN, Order.BEFORE_TESTS, "teardown/findings", "Findings"),
    COIL_MAP(Station.TEARDOWN, Order.BEFORE_TESTS, "teardown/coils", "Coil map"),
    REASSEMBLY(Station.TEARDOWN, Order.AFTER_TESTS, "teardown/together", "Reassembly"),
    CAUSE(Station.CAUSE, Order.BEFORE_TESTS, "cause", "Evidence and cause"),
    WINDING_DATA(Station.WINDING, Order.BEFORE_TESTS, "winding", "Winding data"),
    SECOND_TAKE(Station.WINDING, Order.BEFORE_TESTS, "winding/second", "Second take"),
    WINDING_CONNECTION(Station.WINDING, Order.BEFORE_TESTS, "winding/connection", "Connection"),
    COIL_SETS(Station.WINDING, Order.BEFORE_TESTS, "winding/coils", "Coil by coil"),
    OPTIONS(Station.CHOOSE, Order.BEFORE_TESTS, "choose", "Options"),
    DRYING(Station.CHOOSE, Order.BEFORE_TESTS, "choose/drying", "Drying"),
    WASH(Station.REWIND, Order.BEFORE_TESTS, "rewind/wash", "Wash"),
    BEFORE_STRIPPING(Station.REWIND, Order.BEFORE_TESTS, "rewind/before-stripping", "Before stripping"),
    STRIPPING(Station.REWIND, Order.BEFORE_TESTS, "rewind/stripping", "Stripping, copper"),
    CORE_AFTER(Station.REWIND, Order.BEFORE_TESTS, "rewind/core", "Bare core"),
    NEW_WINDING(Station.REWIND, Order.BEFORE_TESTS, "rewind/new-winding", "New winding"),
    CUT_LIST(Station.REWIND, Order.BEFORE_TESTS, "rewind/cut-list", "Cut list"),
    COILS(Station.REWIND, Order.BEFORE_TESTS, "rewind/coils", "Coils wound"),
    INSERTION(Station.REWIND, Order.BEFORE_TESTS, "rewind/insertion", "Insertion"),
    BRAZING(Station.REWIND, Order.BEFORE_TESTS, "rewind/brazing", "Brazing"),
    BEFORE_VARNISH(Station.REWIND, Order.AFTER_TESTS, "rewind/before-varnish", "Before varnish"),
    VARNISH(Station.REWIND, Order.AFTER_TESTS, "rewind/varnish", "Varnish, bake"),
    MACHINING(Station.REWIND, Order.AFTER_TESTS, "rewind/machining", "Machined work"),
    RENEWAL(Station.REWIND, Order.AFTER_TESTS, "rewind/renewed", "Renewed parts"),
    PROVE(Station.PROVE, Order.BEFORE_TESTS, "prove", "Proof"),
    DISPATCH(Station.RELEASE, Order.BEFORE_TESTS, "release", "Release");

    /** Where a step stands among the tests of its station. */
    public enum Order {
        BEFORE_TESTS,
        BEFORE_POWER,
        AFTER_TESTS
    }

    private final Station station;
    private final Order order;
    private final String path;
    private final String label;

    JobStep(Station station, Order order, String path, String label) {
        this.station = station;
        this.order = order;
        this.path = path;
        this.label = label;
    }

    /** Names the station it belongs to. */
    public Station station() {
        return station;
    }

    /** Names where it stands among the tests of its station. */
    public Order order() {
        return order;
    }

    /** Names it in records, addresses and the API. */
    public String path() {
        return path;
    }

    /** Names it as a heading. */
    public String label() {
        return label;
    }

    /** Lists the steps of one station, in their order. */
    public static List<JobStep> of(Station station) {
        return Arrays.stream(values()).filter(s -> s.station() == station).toList();
    }

    /** Lists the stations that have steps, in the order of the work. */
    public static List<Station> stations() {
        return Arrays.stream(Station.values()).filter(s -> !of(s).isEmpty()).toList();
    }

    /** Lists the paths of all of them. */
    public static List<String> paths() {
        return Arrays.stream(values()).map(JobStep::path).toList();
    }
}
