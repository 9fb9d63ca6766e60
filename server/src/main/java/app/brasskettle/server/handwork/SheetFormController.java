package app.brasskettle.server.handwork;

import app.brasskettle.core.catalogue.SheetForm;
import app.brasskettle.core.work.Station;
import app.brasskettle.server.sheets.SheetKind;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Forms of the sheets of rewind and release, read off their records. */
@RestController
class SheetFormController {

    @GetMapping("/api/sheet-forms")
    List<SheetForm> forms() {
        return Arrays.stream(SheetKind.values())
                .filter(k -> k.station() == Station.REWIND || k.station() == Station.RELEASE)
                .map(k -> SheetForm.of(k.code(), k.type()))
                .toList();
    }
}
