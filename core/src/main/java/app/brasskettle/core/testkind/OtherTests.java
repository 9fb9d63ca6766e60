package app.brasskettle.core.testkind;

import app.brasskettle.core.rules.ShopRules;
import app.brasskettle.core.surge.EarlierTraces;
import java.util.List;
import java.util.Optional;

/**
 * What was taken before a test and may speak beside it.
 *
 * @param unharmed readings of the same kind and speed up to and with this test, no work between that could have harmed what it looks at
 * @param earlierTraces traces of an earlier visit, where they are of the winding tested now
 * @param poles poles of the speed tested, by the plate that stands now
 * @param rules the shop's rules
 */
public record OtherTests(
        List<Unharmed> unharmed, Optional<EarlierTraces> earlierTraces, Optional<Integer> poles, ShopRules rules) {

    /**
     * A test that speaks beside another.
     *
     * @param readings its readings
     * @param alone what they say alone
     */
    public record Unharmed(Record readings, Judging alone) {}

    public OtherTests {
        unharmed = List.copyOf(unharmed);
    }
}
