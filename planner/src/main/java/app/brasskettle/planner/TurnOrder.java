package app.brasskettle.planner;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;

/** The one thing the solver moves about: in which order motors take their turns. */
@PlanningEntity
public class TurnOrder {

    @PlanningId
    private final String id = "order";

    @PlanningListVariable
    private List<Turn> turns = new ArrayList<>();

    /** For the solver, which makes copies. */
    public TurnOrder() {}

    TurnOrder(List<Turn> turns) {
        this.turns = new ArrayList<>(turns);
    }

    /** Tags in their order. */
    List<String> tags() {
        return turns.stream().map(Turn::job).toList();
    }
}
