package app.brasskettle.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.SheetForm.Field;
import app.brasskettle.core.catalogue.SheetForm.Kind;
import app.brasskettle.core.insulation.InsulationLimits;
import app.brasskettle.core.insulation.InsulationWorksheet;
import app.brasskettle.core.leads.LeadWorksheet;
import app.brasskettle.core.resistance.ResistanceLimits;
import app.brasskettle.core.resistance.ResistanceWorksheet;
import app.brasskettle.core.worksheet.Worksheet;
import org.junit.jupiter.api.Test;

class SheetFormTest {

    private static Field field(Worksheet<?, ?> sheet, String name) {
        return SheetForm.of(sheet).fields().stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySheetHasItsOwnNameAndIsFoundByIt() {
        assertThat(WorksheetCatalogue.all()).extracting(Worksheet::name).doesNotHaveDuplicates();
        WorksheetCatalogue.all()
                .forEach(s -> assertThat(WorksheetCatalogue.named(s.name())).contains(s));
        assertThat(WorksheetCatalogue.named("no-such-sheet")).isEmpty();
    }

    @Test
    void figuresCarryTheUnitTakenWhenNoneIsTyped() {
        assertThat(field(WorksheetCatalogue.NAMEPLATE, "ratedPowerW").unit()).isEqualTo("kW");
        assertThat(field(WorksheetCatalogue.NAMEPLATE, "ratedPowerW").label()).isEqualTo("rated power");
        assertThat(field(InsulationWorksheet.create(InsulationLimits.standard()), "madeBefore1970")
                        .label())
                .isEqualTo("made before 1970");
        assertThat(field(InsulationWorksheet.create(InsulationLimits.standard()), "madeBefore1970")
                        .kind())
                .isEqualTo(Kind.FLAG);
    }

    @Test
    void wordsListsAndRowsAreToldApart() {
        assertThat(field(ResistanceWorksheet.create(ResistanceLimits.standard()), "connection")
                        .words())
                .containsExactly("wye", "delta", "unknown");
        assertThat(field(ResistanceWorksheet.create(ResistanceLimits.standard()), "terminalOhms")
                        .kind())
                .isEqualTo(Kind.GROUP);
        assertThat(field(ResistanceWorksheet.create(ResistanceLimits.standard()), "openPairs")
                        .optional())
                .isTrue();
        assertThat(field(WorksheetCatalogue.FAILURE_PATTERN, "evidence").kind()).isEqualTo(Kind.WORDS);
        assertThat(field(WorksheetCatalogue.SURGE, "traceA").kind()).isEqualTo(Kind.SERIES);
        assertThat(field(LeadWorksheet.create(), "leads").kind()).isEqualTo(Kind.TEXTS);
        assertThat(field(LeadWorksheet.create(), "continuity").kind()).isEqualTo(Kind.PAIRS);
        assertThat(field(WorksheetCatalogue.SUPPLY, "lineVoltagesV").kind()).isEqualTo(Kind.SERIES);
        assertThat(field(InsulationWorksheet.create(InsulationLimits.standard()), "readings")
                        .columns())
                .extracting(Field::name)
                .containsExactly("seconds", "megohm", "overRange");
    }
}
