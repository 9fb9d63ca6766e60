package app.brasskettle.server.rack;

import app.brasskettle.core.wire.Rack;
import app.brasskettle.core.wire.WireGrade;
import app.brasskettle.core.wire.WireLot;
import app.brasskettle.core.worksheet.Coded;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import app.brasskettle.server.sql.ShopSql;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Lots of winding wire in PostgreSQL. */
@Component
public class RackStore {

    private final ShopSql shop;

    RackStore(ShopSql shop) {
        this.shop = shop;
    }

    /**
     * A lot as it is stored.
     *
     * @param id its number
     * @param version counts its changes
     * @param wire what it is
     */
    public record Lot(long id, int version, WireLot wire) {}

    /** Lists all lots, those that are used up last. */
    List<Lot> lots() {
        return shop.here("select * from wire_lot where shop_id = :shop order by (on_hand_kg = 0), size, id")
                .query(RackStore::lot)
                .list();
    }

    /** Returns what there is to wind with. */
    public Rack rack() {
        return Rack.of(lots().stream().map(Lot::wire).toList());
    }

    /** Adds a lot. */
    public void add(WireLot wire, String by) {
        values("""
                        insert into wire_lot (shop_id, size, grade, overall_diameter_mm, on_hand_kg, reels, lot, price_per_kg, written_by)
                        values (:shop, :size, :grade, :overall, :kg, :reels, :lot, :price, :by)""", wire, by).update();
    }

    /** Writes a lot that its writer saw at {@code version}; false when somebody wrote since, or there is no such lot. */
    boolean write(long id, int version, WireLot wire, String by) {
        return values("""
                        update wire_lot set size = :size, grade = :grade, overall_diameter_mm = :overall, on_hand_kg = :kg,
                          reels = :reels, lot = :lot, price_per_kg = :price, written_by = :by, version = version + 1
                        where id = :id and shop_id = :shop and version = :version""", wire, by).param("id", id).param("version", version).update() == 1;
    }

    /**
     * Books wire off its lot, or back on it.
     *
     * @param kgByLot kilograms taken, by the mark of the lot; below zero where something goes back
     * @throws app.brasskettle.core.worksheet.InvalidInputException at {@code lot} where there is none of that mark, at {@code wireKg} where it has less
     */
    public void bookOff(Map<String, Double> kgByLot, String by) {
        Problems problems = new Problems();
        kgByLot.forEach((lot, kg) -> {
            List<Lot> there = shop.here(
                            "select * from wire_lot where shop_id = :shop and lot = :lot order by on_hand_kg desc limit 1 for update")
                    .param("lot", lot)
                    .query(RackStore::lot)
                    .list();
            if (there.isEmpty()) {
                problems.add(
                        "lot",
                        Problem.Code.WORD,
                        "lot is “" + lot + "”; the rack has none so marked. Enter it on the rack, or leave this empty");
            } else if (there.get(0).wire().onHandKg() < kg) {
                problems.add(
                        "wireKg",
                        Problem.Code.RANGE,
                        "wireKg takes " + kg + " kg off lot " + lot + "; "
                                + there.get(0).wire().onHandKg() + " kg are left of it");
            } else {
                shop.here("""
                        update wire_lot set on_hand_kg = on_hand_kg - :kg, written_by = :by, version = version + 1
                        where id = :id and shop_id = :shop""")
                        .param("kg", kg)
                        .param("by", by)
                        .param("id", there.get(0).id())
                        .update();
            }
        });
        problems.throwIfAny();
    }

    private JdbcClient.StatementSpec values(String sql, WireLot wire, String by) {
        return shop.here(sql)
                .param("size", wire.size())
                .param("grade", wire.grade().code())
                .param("overall", wire.overallDiameterMm().orElse(null))
                .param("kg", wire.onHandKg())
                .param("reels", wire.reels())
                .param("lot", wire.lot().orElse(null))
                .param("price", wire.pricePerKg().orElse(null))
                .param("by", by);
    }

    private static Lot lot(ResultSet row, int n) throws SQLException {
        return new Lot(
                row.getLong("id"),
                row.getInt("version"),
                new WireLot(
                        row.getString("size"),
                        Coded.parse(WireGrade.class, row.getString("grade")).orElseThrow(),
                        Optional.ofNullable(row.getBigDecimal("overall_diameter_mm"))
                                .map(BigDecimal::doubleValue),
                        row.getDouble("on_hand_kg"),
                        row.getInt("reels"),
                        Optional.ofNullable(row.getString("lot")),
                        Optional.ofNullable(row.getBigDecimal("price_per_kg")).map(BigDecimal::doubleValue)));
    }
}
