package app.brasskettle.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A flooded pump motor: washed, dried by its curve, new bearings, proved, released. */
@ExtendWith(Product.class)
class ReconditionTest {

    @Test
    void aWetMotorIsDriedProvedAndReleased(Product.Running product) {
        Hand tech = new Hand(product.page(1280, 900)).signIn("tech");
        Hand lead = new Hand(product.page(1280, 900)).signIn("lead");
        Workshop shop = Workshop.received(product, tech, lead, plate());
        String job = "/jobs/" + shop.tag();
        shop.bench("0.6", 1.05, "");
        tech.open(job + "/bench/insulation");
        tech.seesJudged("Stop: 0.464 MΩ at 40 °C");
        tech.sees("Low and flat is moisture or dirt");
        shop.concluded("moisture-or-dirt", "Flooded.");
        shop.write(lead, "offers", offers());
        shop.accepted("recondition");

        tech.goTo(job + "/rewind/wash");
        tech.choose("washed with", "hot water");
        tech.choose("rinsed until clear", "yes");
        tech.press("Keep it");
        tech.sees("Washed with hot water");
        tech.goTo(job + "/choose/drying");
        reading(tech, 1, "0", "0.6", "21");
        reading(tech, 2, "1", "0.3", "85");
        tech.seesJudged("Still drying");
        String[] megohm = {"0.9", "3", "9", "20", "31", "33", "33.4", "33.5"};
        for (int i = 0; i < megohm.length; i++) {
            reading(tech, i + 3, String.valueOf(i + 2), megohm[i], "85");
        }
        tech.seesJudged("Dry: 183 MΩ at 40 °C");
        tech.press("Keep these readings");
        tech.goTo(job + "/rewind/renewed");
        tech.choose("part", "bearing");
        tech.choose("at the", "drive end");
        tech.fill("type fitted", "6308 C3");
        tech.choose("it is in", "yes");
        tech.sees("6308 C3, the plate says 6309");
        tech.fill("type fitted", "6309 C3");
        tech.sees("6309 C3, as the plate says");
        tech.press("Keep it");
        tech.sees("Kept");

        tech.open(job + "/gate");
        tech.sees("Nobody has turned the shaft by hand since it was given a new bearing (drive end)");
        tech.press("It turns freely");
        assertThat(tech.page().getByText("Nobody has turned the shaft by hand")).hasCount(0);

        shop.bench("900", 2.7, "dried");
        shop.withstood("1000");
        shop.surged(1, true, "", "1400");
        shop.insulation("900", 2.7, "after high voltage");
        shop.ran();
        shop.withoutLoad(1, List.of("11.1", "11.2", "11.0"));
        shop.watched("11.1");
        tech.open(job + "/prove");
        tech.seesJudged("Holds: Proved");
        Locator received = tech.page()
                .getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Insulation to frame")));
        assertThat(received).containsText("0.4");
        shop.released(job);
    }

    private static Map<String, Object> plate() {
        Map<String, Object> plate = Prepared.plate("3", "15 kW", "400", "29", "1460", "wye");
        plate.put("details", Map.of("frame", "160L", "driveEndBearing", "6309", "nonDriveEndBearing", "6309"));
        return plate;
    }

    private static void reading(Hand hand, int number, String hours, String megohm, String celsius) {
        hand.page().getByLabel("hours of reading " + number, exactly()).fill(hours);
        hand.page().getByLabel("megohm of reading " + number, exactly()).fill(megohm);
        hand.page().getByLabel("windingC of reading " + number, exactly()).fill(celsius);
    }

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static Map<String, Object> offers() {
        Map<String, Object> sheet = new LinkedHashMap<>();
        sheet.put("discountRatePercent", "6");
        sheet.put("energyPricePerKwh", "0.16");
        sheet.put("loadPercent", "75");
        sheet.put("runHoursPerYear", "5200");
        sheet.put(
                "offers",
                List.of(Map.of(
                        "kind", "recondition",
                        "lines", List.of(Map.of("task", "Wash, dry", "unit", "h", "quantity", "9", "rate", "62")),
                        "leadTimeHours", "3 d",
                        "efficiencyPercent", "89",
                        "expectedLifeYears", "8")));
        return sheet;
    }
}
