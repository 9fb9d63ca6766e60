package app.brasskettle.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PriceListTest {

    private static final String HEAD = "kind,designation,powerKw,poles,class,efficiencyPercent,shaftHeightMm,price";

    private static PriceList read(String csv) {
        return PriceList.read(csv, Optional.of("crowns"));
    }

    @Test
    void readsMotorsAndBearings() {
        PriceList list =
                read(HEAD + ",currency\nmotor,,7.5,4,IE3,90.4,132,755,crowns\nbearing,6308,,,,,,41.50,crowns\n");
        assertThat(list.motors())
                .singleElement()
                .satisfies(m -> assertThat(m.powerW()).isEqualTo(7500));
        assertThat(list.bearing("6308 C3")).contains(41.5);
        assertThat(list.bearing("6309")).isEmpty();
    }

    @Test
    void refusesByLineAndTakesNothing() {
        assertThat(Refusals.fields(() ->
                        read(HEAD + "\nmotor,,7.5,4,IE3,90.4,132,-5\npump,,,,,,,1\nmotor,,\"7,5\",5,,101,0,abc\n")))
                .containsExactlyInAnyOrder(
                        "line 2 price",
                        "line 3 kind",
                        "line 4 powerKw",
                        "line 4 poles",
                        "line 4 class",
                        "line 4 efficiencyPercent",
                        "line 4 shaftHeightMm",
                        "line 4 price");
        assertThat(Refusals.fields(() -> read("kind,price\nmotor,1\n"))).contains("designation", "powerKw");
        assertThat(Refusals.fields(() -> read(HEAD + "\n"))).containsExactly("");
    }

    @Test
    void aListInTwoCurrenciesIsRefused() {
        String csv = HEAD + ",currency\nbearing,6308,,,,,,41.50,crowns\nbearing,6309,,,,,,52,florins\n";
        assertThat(Refusals.fields(() -> read(csv))).containsExactly("line 3 currency");
        assertThat(Refusals.fields(() -> PriceList.read(csv, Optional.empty())))
                .containsExactly("line 2 currency", "line 3 currency");
    }

    @Test
    void tellsAHundredProblemsAtMost() {
        String csv = HEAD + "\n" + "bearing,6308,,,,,,-1\n".repeat(500);
        assertThat(Refusals.fields(() -> read(csv))).hasSize(100);
    }

    /** The smallest that gives the power, once a class; 15 kW asked of a list with 15 and 18.5 is 15. */
    @Test
    void findsTheMotorsThatReplaceOne() {
        assertThat(PriceList.shipped().replacing(15_000, 4))
                .extracting(PriceList.Motor::powerW, PriceList.Motor::efficiencyClass)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(15_000.0, "IE3"),
                        org.assertj.core.groups.Tuple.tuple(15_000.0, "IE4"));
        assertThat(PriceList.shipped().replacing(16_000, 4)).allMatch(m -> m.powerW() == 18_500);
        assertThat(PriceList.shipped().replacing(900_000, 4)).isEmpty();
    }
}
