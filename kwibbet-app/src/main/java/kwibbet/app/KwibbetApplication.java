package kwibbet.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts Kwibbet. */
@SpringBootApplication
public class KwibbetApplication {

    /** Starts it after checking that it can run here. */
    public static void main(String[] arguments) {
        SpringApplication application = new SpringApplication(KwibbetApplication.class);
        application.addListeners(new StartCheck());
        application.run(arguments);
    }
}
