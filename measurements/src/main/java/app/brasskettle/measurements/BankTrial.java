package app.brasskettle.measurements;

import app.brasskettle.core.bank.BankRecord;
import app.brasskettle.core.bank.BankTable;
import app.brasskettle.core.design.MadeUpWindings;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;

/**
 * A bank of 50,000 made-up windings taken in by a running demonstration, then searched: by the product over HTTP, and by one SQL
 * statement that finds the same nearest twenty in PostgreSQL. Prints both as a row of Markdown.
 *
 * <p>Arguments: address of a demonstration on this machine, JDBC address, user and password of its database.
 */
public final class BankTrial {

    static final int WINDINGS = 50_000;
    private static final int WARM = 100;
    private static final int SEARCHES = 500;
    private static final String NEAREST = """
            select id, record from bank_winding order by
              sqrt(power(abs(poles - ?) / 0.5, 2) + power(abs(slots - ?) / 3.0, 2)
                + power(abs(ln(bore_diameter_m / ?)) / ln(1.04), 2) + power(abs(ln(core_length_m / ?)) / ln(1.06), 2)), id
            limit 20""";

    private final Caller lead;

    private BankTrial(Caller lead) {
        this.lead = lead;
    }

    /** Makes up a bank, the same one each time. */
    static List<BankRecord> bank(int count) {
        List<BankRecord> all = new ArrayList<>(count);
        for (MadeUpWindings.MadeUp m : MadeUpWindings.of(count, 50_000)) {
            all.add(new BankRecord(
                    "T-" + all.size(),
                    Optional.of("maker " + all.size() % 40),
                    Optional.of("model " + all.size() % 700),
                    Optional.of(m.ratedPowerW()),
                    m.winding(),
                    "trial",
                    "2026-01-01",
                    0,
                    0,
                    Optional.empty()));
        }
        return all;
    }

    public static void main(String[] args) throws IOException, InterruptedException, SQLException {
        BankTrial trial = new BankTrial(new Caller(URI.create(args[0])).signedIn("lead"));
        List<BankRecord> bank = bank(WINDINGS);
        StringBuilder table = new StringBuilder(BankTable.header());
        bank.forEach(r -> table.append(BankTable.row(r)));
        long begun = System.nanoTime();
        String kept = trial.lead
                .send("POST", "/api/bank/import", "text/csv", table.toString().getBytes(StandardCharsets.UTF_8))
                .with(200)
                .text();
        double taken = (System.nanoTime() - begun) / 1e9;
        double[] product = trial.searches(bank);
        double[] sql = sql(bank, args[1], args[2], args[3]);
        System.out.printf(
                Locale.ROOT,
                "imported in %.1f s: %s%n| search of 50,000 windings, p95 of %d | %.1f ms (p50 %.1f) | one SQL statement, %.1f ms (p50 %.1f) | %.2f |%n",
                taken,
                kept,
                SEARCHES,
                product[1],
                product[0],
                sql[1],
                sql[0],
                product[1] / sql[1]);
    }

    private double[] searches(List<BankRecord> bank) throws IOException, InterruptedException {
        Random random = new Random(1);
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < WARM + SEARCHES; i++) {
            BankRecord like = bank.get(random.nextInt(bank.size()));
            String body = String.format(
                    Locale.ROOT,
                    "{\"poles\":\"%d\",\"slots\":\"%d\",\"boreDiameterM\":\"%f m\",\"coreLengthM\":\"%f m\"}",
                    like.winding().poles(),
                    like.winding().slots(),
                    like.winding().boreDiameterM() * 1.01,
                    like.winding().coreLengthM());
            long begun = System.nanoTime();
            lead.send("POST", "/api/bank/search", "application/json", body.getBytes(StandardCharsets.UTF_8))
                    .with(200);
            if (i >= WARM) {
                took.add((System.nanoTime() - begun) / 1e6);
            }
        }
        return middleAndSlow(took);
    }

    private static double[] sql(List<BankRecord> bank, String url, String user, String password) throws SQLException {
        Random random = new Random(1);
        List<Double> took = new ArrayList<>();
        try (Connection db = DriverManager.getConnection(url, user, password);
                PreparedStatement nearest = db.prepareStatement(NEAREST)) {
            for (int i = 0; i < WARM + SEARCHES; i++) {
                BankRecord like = bank.get(random.nextInt(bank.size()));
                nearest.setInt(1, like.winding().poles());
                nearest.setInt(2, like.winding().slots());
                nearest.setDouble(3, like.winding().boreDiameterM() * 1.01);
                nearest.setDouble(4, like.winding().coreLengthM());
                long begun = System.nanoTime();
                try (ResultSet rows = nearest.executeQuery()) {
                    while (rows.next()) {
                        rows.getString(2);
                    }
                }
                if (i >= WARM) {
                    took.add((System.nanoTime() - begun) / 1e6);
                }
            }
        }
        return middleAndSlow(took);
    }

    private static double[] middleAndSlow(List<Double> took) {
        List<Double> sorted = took.stream().sorted().toList();
        return new double[] {sorted.get(sorted.size() / 2), sorted.get((int) (0.95 * sorted.size()))};
    }
}
