package app.brasskettle.core.jobs;

import static app.brasskettle.core.jobs.Job.NOW;
import static org.assertj.core.api.Assertions.assertThat;

import app.brasskettle.core.catalogue.WindingTests;
import app.brasskettle.core.choice.ChosenOption;
import app.brasskettle.core.choice.OptionKind;
import app.brasskettle.core.instruments.Faults;
import app.brasskettle.core.instruments.MotorFault;
import app.brasskettle.core.instruments.SimulatedBench;
import app.brasskettle.core.instruments.SimulatedMotor;
import app.brasskettle.core.insulation.WindingKind;
import app.brasskettle.core.prove.ProofRow;
import app.brasskettle.core.resistance.Connection;
import app.brasskettle.core.testrecord.Origin;
import app.brasskettle.core.verdict.Verdict;
import app.brasskettle.core.work.Work;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Which reading stands in which column of the proof, by the work that lies between them. */
class ProofOnAJobTest {

    private static SimulatedMotor motor(double windingC) {
        return new SimulatedMotor(
                SimulatedMotor.Rating.usual(400, 15_000, Connection.WYE), windingC, Faults.none(), 11);
    }

    private static Job rewound() {
        Job job = new Job().received().safe().tested();
        job.chosen = Optional.of(new ChosenOption(OptionKind.REWIND, "Rewind", Optional.empty()));
        return job.worked(Work.STRIPPED, NOW - 1800).worked(Work.REWOUND, NOW - 1500);
    }

    private static ProofRow row(JobAssessment reading, String step) {
        return reading.proof().rows().stream()
                .filter(r -> r.step().equals(step))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void asReceivedBeforeVarnishAndNowAreToldApartByTheWork() {
        Job job = rewound();
        job.further = List.of(Job.further(
                WindingTests.WINDING_RESISTANCE, motor(22).resistanceTest(WindingKind.RANDOM_WOUND), NOW - 1400));
        ProofRow bare = row(job.read(), "bench/resistance");
        assertThat(bare.received()).isPresent();
        assertThat(bare.bare()).isPresent();
        assertThat(bare.now()).isPresent();
        // Copper is not harmed by varnish: what it read before the dip still stands. Insulation is, and was not taken
        // since.
        ProofRow dipped = row(job.worked(Work.DIPPED, NOW - 1200).read(), "bench/resistance");
        assertThat(dipped.bare()).isEqualTo(bare.bare());
        assertThat(dipped.verdict()).isEqualTo(Verdict.HOLDS);
        ProofRow insulation = row(job.read(), "bench/insulation");
        assertThat(insulation.received()).isPresent();
        assertThat(insulation.bare()).isEmpty();
        assertThat(insulation.now()).isEmpty();
        assertThat(insulation.verdict()).isEqualTo(Verdict.UNPROVEN);
    }

    @Test
    void anInsulationTestBeforeTheDipIsUnprovenAfterIt() {
        Job job = rewound();
        job.insulation = Optional.of(new Job.Taken<>(new SimulatedBench(motor(22)).insulationTest(), NOW - 1300));
        assertThat(row(job.read(), "bench/insulation").verdict()).isEqualTo(Verdict.HOLDS);
        for (Work work : List.of(Work.DIPPED, Work.BAKED, Work.MACHINED, Work.REASSEMBLED)) {
            Job later = rewound();
            later.insulation = job.insulation;
            assertThat(row(later.worked(work, NOW - 1000).read(), "bench/insulation")
                            .verdict())
                    .as("after " + work)
                    .isEqualTo(Verdict.UNPROVEN);
        }
    }

    /** What was proved on the bare winding stays proved when it is dipped, so that the second dip is not held by the first. */
    @Test
    void theProofBeforeVarnishIsWhatWasReadThen() {
        Job job = rewound();
        job.insulation = Optional.of(new Job.Taken<>(new SimulatedBench(motor(22)).insulationTest(), NOW - 1300));
        List<String> before = words(job);
        assertThat(before).contains("Insulation to frame HOLDS");
        assertThat(words(job.worked(Work.DIPPED, NOW - 1200).worked(Work.BAKED, NOW - 1100)))
                .isEqualTo(before);
    }

    /** A reading that nobody could rest on then is not made good by the varnish over it. */
    @Test
    void whatWasInDoubtBeforeVarnishStaysInDoubt() {
        Job job = rewound();
        job.insulation = Optional.of(new Job.Taken<>(new SimulatedBench(motor(22)).insulationTest(), NOW - 1300));
        job.proof = Optional.empty();
        assertThat(words(job)).contains("Insulation to frame UNPROVEN");
        assertThat(words(job.worked(Work.DIPPED, NOW - 1200))).contains("Insulation to frame UNPROVEN");
    }

    private static List<String> words(Job job) {
        return job.read().rewind().bare().orElseThrow().rows().stream()
                .map(r -> r.test() + " " + r.verdict())
                .toList();
    }

    @Test
    void worseThanAsReceivedIsNamed() {
        Job job = rewound();
        SimulatedMotor hot = motor(70);
        job.further = List.of(Job.further(
                WindingTests.INSULATION_RESISTANCE, new SimulatedBench(motor(22)).insulationTest(), NOW - 2500));
        job.insulation = Optional.of(new Job.Taken<>(
                new SimulatedBench(new SimulatedMotor(hot.rating(), 22, Faults.of(MotorFault.MOISTURE), 11))
                        .insulationTest(),
                NOW - 900));
        assertThat(job.read().proof().worse()).anyMatch(w -> w.startsWith("Insulation to frame"));
    }

    @Test
    void simulatedReadingsPassNoProofEvenWhereTheShopPractises() {
        Job job = rewound();
        job.demonstration = true;
        job.origins.put(WindingTests.INSULATION_RESISTANCE, Origin.SIMULATED);
        job.insulation = Optional.of(new Job.Taken<>(new SimulatedBench(motor(22)).insulationTest(), NOW - 900));
        JobAssessment reading = job.read();
        assertThat(reading.proof().simulated()).containsExactly("Insulation to frame");
        assertThat(reading.proof().judgement().verdict()).isNotEqualTo(Verdict.HOLDS);
        assertThat(reading.departure().mayBeReady()).isFalse();
    }

    /** A sound motor goes back as it came on what was asked of its winding; once it is to be worked on, it is proved like any. */
    @Test
    void aMotorThatIsNotWorkedOnNeedsNoProofOfARepair() {
        Job job = new Job().received().safe().tested();
        List<ProofRow> asItCame = required(job);
        assertThat(asItCame).extracting(ProofRow::step).contains("bench/resistance", "bench/insulation", "bench/surge");
        assertThat(asItCame).extracting(ProofRow::step).doesNotContain("bench/withstand", "bench/run");
        job.chosen = Optional.of(new ChosenOption(OptionKind.RECONDITION, "Recondition", Optional.empty()));
        assertThat(required(job)).extracting(ProofRow::step).contains("bench/withstand", "bench/run");
        Job repaired = new Job().received().safe().tested().worked(Work.REPAIRED, NOW - 600);
        assertThat(required(repaired)).extracting(ProofRow::step).contains("bench/withstand", "bench/run");
    }

    private static List<ProofRow> required(Job job) {
        return job.read().proof().rows().stream().filter(ProofRow::required).toList();
    }
}
