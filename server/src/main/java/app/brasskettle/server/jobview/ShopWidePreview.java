package app.brasskettle.server.jobview;

import app.brasskettle.core.bank.BankOpinion;
import app.brasskettle.core.windingtake.WindingTake;
import app.brasskettle.core.wire.Rack;
import app.brasskettle.server.bank.BankBook;
import app.brasskettle.server.rack.RackStore;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The rack and the bank, for previews of sheets. */
@Component
class ShopWidePreview implements SheetPreview.ShopWide {

    private final RackStore rack;
    private final BankBook bank;

    ShopWidePreview(RackStore rack, BankBook bank) {
        this.rack = rack;
        this.bank = bank;
    }

    @Override
    public Rack rack() {
        return rack.rack();
    }

    @Override
    public Optional<BankOpinion> opinion(WindingTake take, String tag) {
        return bank.opinion(take, tag);
    }
}
