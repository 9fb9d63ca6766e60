package app.brasskettle.core.connection;

import app.brasskettle.core.worksheet.Problems;
import java.util.List;
import java.util.Optional;

/**
 * The connection of a job's winding: what leaves it, and the joints as they were found.
 *
 * @param scheme leads and what is made of them
 * @param joints terminals found joined, S3 for the start of group 3, F3 for its finish, leads by the mark the scheme gives them; empty
 *     while nobody read them
 */
public record ConnectionSheet(ConnectionScheme scheme, Optional<List<List<String>>> joints) {

    private static final int MAX_JOINTS = 1000;

    public ConnectionSheet {
        joints = Problems.orEmpty(joints).map(Problems::copy).filter(j -> !j.isEmpty());
        Problems problems = new Problems();
        problems.present("scheme", scheme);
        joints.ifPresent(all -> {
            if (problems.size("joints", all, 1, MAX_JOINTS)) {
                for (int i = 0; i < all.size(); i++) {
                    String joint = "joints[" + i + "]";
                    if (problems.size(joint, all.get(i), 1, MAX_JOINTS)) {
                        for (int j = 0; j < all.get(i).size(); j++) {
                            problems.name(joint + "[" + j + "]", all.get(i).get(j));
                        }
                    }
                }
            }
        });
        problems.throwIfAny();
    }
}
