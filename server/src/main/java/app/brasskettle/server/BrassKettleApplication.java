package app.brasskettle.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The server of Brass Kettle: HTTP, security, store, reports, simulated instruments. */
@SpringBootApplication
public class BrassKettleApplication {

    public static void main(String[] args) {
        SpringApplication.run(BrassKettleApplication.class, args);
    }
}
