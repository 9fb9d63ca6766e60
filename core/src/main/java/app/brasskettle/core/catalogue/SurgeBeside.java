package app.brasskettle.core.catalogue;

import app.brasskettle.core.surge.SurgeOutcome;
import app.brasskettle.core.surge.SurgePositions;
import app.brasskettle.core.surge.SurgeSet;
import app.brasskettle.core.testkind.Judging;
import app.brasskettle.core.testkind.OtherTests;
import java.util.List;
import java.util.Optional;

/** A surge set beside those taken before. */
final class SurgeBeside {

    /** The longest pole pitch asks for the widest spread of positions. */
    private static final int POLES_WHEN_UNKNOWN = 2;

    private SurgeBeside() {}

    static Judging judge(SurgeSet newest, Judging alone, OtherTests others) {
        return positions(newest, settled(newest, alone, others), others);
    }

    /** Coils unlike by construction are held against the same winding's earlier traces; a new winding has none. */
    private static Judging settled(SurgeSet now, Judging alone, OtherTests others) {
        if (others.earlierTraces().isEmpty()) {
            return alone;
        }
        SurgeOutcome settled = others.rules()
                .settled(
                        now,
                        (SurgeOutcome) alone.result(),
                        others.earlierTraces().get());
        return new Judging(settled, settled.judgement(), alone.other());
    }

    /** With the rotor in, sets taken before at other positions of the shaft speak too. */
    private static Judging positions(SurgeSet newest, Judging judging, OtherTests others) {
        if (!newest.rotorFitted()) {
            return judging;
        }
        List<SurgePositions.Position> positions = others.unharmed().stream()
                .filter(t -> ((SurgeSet) t.readings()).rotorFitted())
                .map(t -> {
                    SurgeSet set = (SurgeSet) t.readings();
                    return new SurgePositions.Position(
                            set.rotorAngleDegrees(), (SurgeOutcome) t.alone().result(), set);
                })
                .toList();
        SurgeOutcome decided = SurgePositions.decide(
                positions,
                others.poles().orElse(POLES_WHEN_UNKNOWN),
                others.rules().surgeLimits());
        return new Judging(decided, decided.judgement(), Optional.empty());
    }
}
