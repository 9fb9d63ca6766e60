package app.brasskettle.server.customers;

import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.core.worksheet.Problems;
import java.util.List;

/**
 * A customer.
 *
 * @param id number in the store
 * @param name as it stands on its jobs
 * @param note what the shop keeps in mind of it
 * @param version to send back when changing it
 * @param jobs jobs it ever had here
 * @param contacts people to reach, the first one first
 */
public record Customer(long id, String name, String note, int version, int jobs, List<Contact> contacts) {

    /** The same customer with these people to reach. */
    Customer with(List<Contact> people) {
        return new Customer(id, name, note, version, jobs, people);
    }

    /**
     * Somebody to reach.
     *
     * @param name who
     * @param part what they decide or know
     * @param phone telephone
     * @param email mail address
     */
    public record Contact(String name, String part, String phone, String email) {

        /** Notes into {@code problems} what keeps this from being somebody who can be reached. */
        public void check(String path, Problems problems) {
            if (problems.name(path + "name", name)) {
                length(path + "name", name, MAX_NAME, problems);
            }
            length(path + "part", text(part), MAX_NAME, problems);
            length(path + "phone", text(phone), MAX_PHONE, problems);
            length(path + "email", text(email), MAX_NAME, problems);
            if (text(phone).isBlank() && text(email).isBlank()) {
                problems.add(
                        path + "phone", Problem.Code.MISSING, path + "phone is missing: how is this person reached?");
            }
            if (!text(email).isBlank() && !email.strip().matches("[^@\\s]+@[^@\\s]+")) {
                problems.add(path + "email", Problem.Code.SYNTAX, path + "email is no mail address");
            }
        }
    }

    /** What somebody wrote of a customer, with the version they saw. */
    record Writing(int version, String name, String note, List<Contact> contacts) {

        Writing {
            note = note == null ? "" : note.strip();
            contacts = contacts == null ? List.of() : List.copyOf(contacts);
            Problems problems = new Problems();
            if (problems.name("name", name)) {
                length("name", name, MAX_NAME, problems);
            }
            length("note", note, MAX_NOTE, problems);
            problems.size("contacts", contacts, 0, MAX_CONTACTS);
            for (int i = 0; i < contacts.size(); i++) {
                contacts.get(i).check("contacts[" + i + "].", problems);
            }
            problems.throwIfAny();
        }
    }

    private static final int MAX_NAME = 120;
    private static final int MAX_NOTE = 1000;
    private static final int MAX_PHONE = 60;
    private static final int MAX_CONTACTS = 30;

    static String text(String value) {
        return value == null ? "" : value.strip();
    }

    private static void length(String field, String value, int most, Problems problems) {
        if (value.strip().length() > most) {
            problems.add(field, Problem.Code.RANGE, field + " has at most " + most + " characters");
        }
    }
}
