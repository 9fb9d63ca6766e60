package app.brasskettle.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.Refusals;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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

    /** Nominal limits of IEC 60034-30-1:2014 at 50 Hz (IE3, IE4), in per cent: a motor on the shipped list is of the class it says. */
    @ParameterizedTest
    @CsvSource({
        "IE3, 2, 0.75:80.7 1.5:84.2 2.2:85.9 4:88.1 7.5:90.1 15:91.9 30:93.3 55:94.3 110:95.2 200:95.8 315:95.8",
        "IE3, 4, 0.75:82.5 1.5:85.3 2.2:86.7 4:88.6 7.5:90.4 15:92.1 30:93.6 55:94.6 110:95.4 200:96.0 315:96.0",
        "IE3, 6, 0.75:78.9 1.5:82.5 2.2:84.3 4:86.8 7.5:89.1 15:91.2 30:92.9 55:94.1 110:95.1 200:95.8 315:95.8",
        "IE4, 2, 0.75:83.5 1.5:86.5 2.2:88.0 4:90.0 7.5:91.7 15:93.3 30:94.5 55:95.3 110:96.0 200:96.5 315:96.5",
        "IE4, 4, 0.75:85.7 1.5:88.2 2.2:89.5 4:91.1 7.5:92.6 15:93.9 30:94.9 55:95.7 110:96.3 200:96.7 315:96.7",
        "IE4, 6, 0.75:82.7 1.5:85.9 2.2:87.4 4:89.5 7.5:91.3 15:92.9 30:94.2 55:95.1 110:95.8 200:96.3 315:96.6"
    })
    void everyMotorOfTheShippedListIsOfItsClass(String efficiencyClass, int poles, String limits) {
        for (String limit : limits.split(" ")) {
            double powerW = 1000 * Double.parseDouble(limit.split(":")[0]);
            assertThat(PriceList.shipped().motors())
                    .filteredOn(m ->
                            m.poles() == poles && m.efficiencyClass().equals(efficiencyClass) && m.powerW() == powerW)
                    .as(limit)
                    .singleElement()
                    .satisfies(m -> assertThat(m.efficiencyPercent())
                            .isGreaterThanOrEqualTo(Double.parseDouble(limit.split(":")[1])));
        }
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
