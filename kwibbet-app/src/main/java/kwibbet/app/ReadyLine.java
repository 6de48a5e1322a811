package kwibbet.app;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says where to go once the pages answer. */
@Component
class ReadyLine {

    private static final Logger LOG = LoggerFactory.getLogger(ReadyLine.class);

    @EventListener
    void ready(ApplicationReadyEvent event) {
        Environment environment = event.getApplicationContext().getEnvironment();
        String port = environment.getProperty("local.server.port", "");
        if (!port.isEmpty()) {
            LOG.info("Kwibbet is ready: http://127.0.0.1:{}/", port);
        }
    }
}
