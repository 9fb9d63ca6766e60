package app.brasskettle.measurements;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** A demonstration in a process of its own on 127.0.0.1, started again and again. */
final class TrialServer {

    private static final int START_S = 120;
    private static final int STOP_S = 60;

    private final File jar;
    private final int port;
    private Process process;

    TrialServer(File jar, int port) {
        this.jar = jar;
        this.port = port;
    }

    URI address() {
        return URI.create("http://127.0.0.1:" + port);
    }

    void start() throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                "java",
                "-Xmx256m",
                "-XX:+UseSerialGC",
                "-XX:+ExitOnOutOfMemoryError",
                "-XX:SharedArchiveFile=" + jar.getParent() + "/classes.jsa",
                "-Xshare:auto",
                "-jar",
                jar.toString(),
                "--server.port=" + port,
                "--brasskettle.demo=true"));
        process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(new File(jar + "." + port + ".log")))
                .start();
        healthy();
    }

    /** Waits until it answers in health. */
    void healthy() throws InterruptedException {
        Caller caller = new Caller(address());
        for (int i = 0; i < 10 * START_S; i++) {
            try {
                if (caller.get("/actuator/health").status() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                // Not there yet.
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        throw new IllegalStateException("The server did not come back");
    }

    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    /** Asks it to stop, as a service manager does, and waits until it has. */
    void stop() throws InterruptedException {
        process.destroy();
        if (!process.waitFor(STOP_S, TimeUnit.SECONDS)) {
            throw new IllegalStateException("The server did not stop when asked");
        }
    }

    /** Runs a command of the shell and waits for it; its exit code. */
    static int run(String command) throws IOException, InterruptedException {
        return new ProcessBuilder("bash", "-c", command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
    }
}
