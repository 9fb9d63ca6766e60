package app.brasskettle.server.worksheets;

import app.brasskettle.core.catalogue.WorksheetCatalogue;
import app.brasskettle.server.json.StrictJson;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Filled-in forms to start from: invented motors, figures of usual size. They lie beside the core, a file by worksheet. */
@Component
class Examples {

    private final StrictJson json;

    Examples(StrictJson json) {
        this.json = json;
    }

    /** Reads the example of a worksheet; empty where it has none. */
    Map<String, Object> of(String worksheet) {
        try (InputStream file =
                WorksheetCatalogue.class.getResourceAsStream("/app/brasskettle/core/examples/" + worksheet + ".json")) {
            return file == null ? Map.of() : json.object(file.readAllBytes());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
