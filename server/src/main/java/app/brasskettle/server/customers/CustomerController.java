package app.brasskettle.server.customers;

import app.brasskettle.core.worksheet.InvalidInputException;
import app.brasskettle.core.worksheet.Problem;
import app.brasskettle.server.access.People;
import app.brasskettle.server.access.Role;
import app.brasskettle.server.problems.RefusedException;
import java.util.List;
import org.springframework.security.core.Authentication;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Customers: whom to call about a job. */
@RestController
@RequestMapping("/api/customers")
class CustomerController {

    private final CustomerStore customers;

    CustomerController(CustomerStore customers) {
        this.customers = customers;
    }

    @GetMapping
    List<Customer> named(@RequestParam(defaultValue = "") String find) {
        return customers.named(find);
    }

    @GetMapping("/{id}")
    Customer one(@PathVariable long id) {
        return customers.byId(id).orElseThrow(() -> unknown(id));
    }

    @PutMapping("/{id}")
    @Transactional
    public Customer write(@PathVariable long id, @RequestBody Customer.Writing body, Authentication who) {
        People.of(who, Role.OFFICE, Role.LEAD, Role.ADMIN);
        customers.byId(id).orElseThrow(() -> unknown(id));
        if (customers.taken(body.name(), id)) {
            throw new InvalidInputException(List.of(new Problem(
                    "name",
                    Problem.Code.DUPLICATE,
                    "name belongs to another customer: " + body.name().strip())));
        }
        if (!customers.write(id, body.version(), body)) {
            throw RefusedException.stale(
                    "Somebody else changed this customer. Yours is kept: look at both, then save again");
        }
        return customers.byId(id).orElseThrow();
    }

    private static RefusedException unknown(long id) {
        return RefusedException.unknown("There is no customer " + id);
    }
}
