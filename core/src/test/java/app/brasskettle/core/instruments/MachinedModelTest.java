package app.brasskettle.core.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.airgap.AirGap;
import app.brasskettle.core.airgap.AirGapWorksheet;
import app.brasskettle.core.airgap.Registers;
import app.brasskettle.core.airgap.RegistersWorksheet;
import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.core.extension.KeySeat;
import app.brasskettle.core.extension.KeySeatWorksheet;
import app.brasskettle.core.extension.ShaftRunout;
import app.brasskettle.core.extension.ShaftRunoutWorksheet;
import app.brasskettle.core.fits.BearingFit;
import app.brasskettle.core.fits.FitClass;
import app.brasskettle.core.fits.Seat;
import app.brasskettle.core.fits.SeatCheck.Place;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.verdict.Verdict;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Machined parts of a simulated motor: sound ones read sound at every size, and each fault shows where it wears. */
class MachinedModelTest {

    private enum Part {
        DRIVE_END_SHAFT,
        DRIVE_END_HOUSING,
        NON_DRIVE_END_HOUSING,
        AIR_GAP,
        REGISTERS,
        RUN_OUT,
        KEY_SEAT
    }

    private static MachinedModel motor(double kilowatts, long seed, MotorFault... faults) {
        return new SimulatedMotor(
                        SimulatedMotor.Rating.usual(400, 1000 * kilowatts, Connection.WYE), 22, Faults.of(faults), seed)
                .machined();
    }

    private static Verdict seat(MachinedModel m, Place place, Seat seat) {
        String bearing = "6308";
        double middle = FitClass.middleMm(bearing, seat).orElseThrow();
        FitClass fit = FitClass.usual(bearing, seat).orElseThrow();
        return WorksheetCatalogue.BEARING_FIT
                .work()
                .apply(new BearingFit(bearing, seat, fit, m.seat(middle, place, seat)))
                .verdict();
    }

    private static Map<Part, Verdict> read(MachinedModel m) {
        Map<Part, Verdict> read = new EnumMap<>(Part.class);
        read.put(Part.DRIVE_END_SHAFT, seat(m, Place.DRIVE_END, Seat.SHAFT));
        read.put(Part.DRIVE_END_HOUSING, seat(m, Place.DRIVE_END, Seat.HOUSING));
        read.put(Part.NON_DRIVE_END_HOUSING, seat(m, Place.NON_DRIVE_END, Seat.HOUSING));
        read.put(
                Part.AIR_GAP,
                AirGapWorksheet.create().work().apply(new AirGap(m.airGap())).verdict());
        Registers registers =
                new Registers(Arrays.stream(Place.values()).map(m::register).toList(), Optional.empty());
        read.put(
                Part.REGISTERS,
                RegistersWorksheet.create().work().apply(registers).verdict());
        read.put(
                Part.RUN_OUT,
                ShaftRunoutWorksheet.create()
                        .work()
                        .apply(new ShaftRunout(m.extensionMm(), m.dial()))
                        .verdict());
        KeySeat key = m.keySeat();
        read.put(Part.KEY_SEAT, KeySeatWorksheet.create().work().apply(key).verdict());
        return read;
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.12, 0.75, 4, 15, 75, 315})
    void aSoundMotorReadsSoundAtEverySize(double kilowatts) {
        for (long seed = 0; seed < 40; seed++) {
            assertThat(read(motor(kilowatts, seed)))
                    .as("seed " + seed)
                    .allSatisfy((part, verdict) ->
                            assertThat(verdict).as(part.name()).isEqualTo(Verdict.HOLDS));
        }
    }

    /** A bad bearing wears its housing and lets the rotor down; a jam bends the shaft and hammers the key seat. */
    @ParameterizedTest
    @CsvSource({"BAD_BEARING, DRIVE_END_HOUSING, AIR_GAP", "BOUND_SHAFT, RUN_OUT, KEY_SEAT"})
    void aFaultShowsWhereItWearsAndNowhereElse(MotorFault fault, Part one, Part other) {
        for (long seed = 0; seed < 40; seed++) {
            Map<Part, Verdict> read = read(motor(15, seed, fault));
            assertThat(read.keySet().stream().filter(p -> read.get(p) != Verdict.HOLDS))
                    .as("seed " + seed + " " + read)
                    .containsExactlyInAnyOrder(one, other);
            assertThat(read.get(one)).isEqualTo(Verdict.STOP);
        }
    }
}
