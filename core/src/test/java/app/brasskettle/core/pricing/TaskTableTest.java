package app.brasskettle.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.brasskettle.core.Refusals;
import org.junit.jupiter.api.Test;

class TaskTableTest {

    private static final String HEAD = "code,task,station,for,h100,h200\n";

    private static TaskTable.Task one(String csv) {
        return TaskTable.read(csv).tasks().get(0);
    }

    @Test
    void hoursAreLinearBetweenHeightsAndStayAtTheEnds() {
        TaskTable.Task wind = one(HEAD + "wind,Wind,rewind,rewind,4,10\n");
        assertThat(wind.at(100)).isEqualTo(4);
        assertThat(wind.at(125)).isCloseTo(5.5, within(1e-9));
        assertThat(wind.at(80)).isEqualTo(4);
        assertThat(wind.at(400)).isEqualTo(10);
    }

    @Test
    void whatIsWrongIsToldByLineAndNothingIsTaken() {
        assertThat(Refusals.fields(() ->
                        TaskTable.read(HEAD + "wind,Wind,rewind,rewind,4,-1\n,,rewind,polish,4,x\nwind,Wind,rewind\n")))
                .containsExactlyInAnyOrder(
                        "line 2 h200", "line 3 code", "line 3 task", "line 3 for", "line 3 h200", "line 4");
        assertThat(Refusals.fields(() -> TaskTable.read("code,task\nwind,Wind\n")))
                .contains("station", "for");
        assertThat(Refusals.fields(() -> TaskTable.read("code,task,station,for\nwind,Wind,rewind,rewind\n")))
                .containsExactly("line 2");
    }

    /** What goes out comes in again as it was, and is priced alike. */
    @Test
    void theShippedTableComesBackAsItWas() {
        TaskTable again = TaskTable.read(TaskTable.shipped().csv());
        assertThat(again).isEqualTo(TaskTable.shipped());
        assertThat(PriceList.read(PriceList.shipped().csv(), java.util.Optional.empty()))
                .isEqualTo(PriceList.shipped());
    }
}
