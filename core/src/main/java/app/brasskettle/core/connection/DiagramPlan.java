package app.brasskettle.core.connection;

import app.brasskettle.core.grouping.GroupRing;
import app.brasskettle.core.winding.WindingConnection;
import java.util.List;

/**
 * A diagram before its proof.
 *
 * @param ring the groups
 * @param joints terminals that are joined
 * @param outside what is made of the leads
 */
record DiagramPlan(GroupRing ring, List<List<String>> joints, List<Outside> outside) {

    /**
     * A way to connect the leads.
     *
     * @param name what it is for
     * @param leads lines and leads joined
     * @param circuits circuits side by side in a phase
     * @param connection wye or delta
     */
    record Outside(String name, OutsideConnection leads, int circuits, WindingConnection connection) {}
}
