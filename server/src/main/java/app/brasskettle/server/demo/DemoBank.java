package app.brasskettle.server.demo;

import app.brasskettle.core.bank.BankRecord;
import app.brasskettle.core.design.MadeUpWindings;
import app.brasskettle.core.quantity.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Windings of the demonstration's bank: made up by the core's rules of design, each said to be so. */
final class DemoBank {

    private static final List<String> MAKERS =
            List.of("Harbour Pattern", "Fellside Dynamo", "Tarn Electric", "Skerry Motors", "Old Weir Works");
    private static final List<String> TAKERS = List.of("Mara Orre", "Ivo Dalby", "Sunniva Tarn");

    private DemoBank() {}

    /** Makes up {@code count} windings, the same ones each time. */
    static List<BankRecord> windings(int count, LocalDate today) {
        Random random = new Random(1860);
        List<BankRecord> all = new ArrayList<>();
        for (MadeUpWindings.MadeUp m : MadeUpWindings.of(count, 1860)) {
            int rewound = random.nextInt(4);
            String maker = MAKERS.get(random.nextInt(MAKERS.size()));
            all.add(new BankRecord(
                    "MU-" + Figures.fixed(1000 + all.size(), 0),
                    Optional.of(maker),
                    Optional.of(maker.charAt(0) + "" + m.winding().poles() + "-"
                            + Math.round(1000 * m.winding().boreDiameterM())),
                    Optional.of(m.ratedPowerW()),
                    m.winding(),
                    TAKERS.get(random.nextInt(TAKERS.size())),
                    today.minusDays(20 + random.nextInt(4000)).toString(),
                    rewound,
                    rewound == 0 ? 0 : random.nextInt(rewound + 1),
                    Optional.of("made up for the demonstration")));
        }
        return all;
    }
}
