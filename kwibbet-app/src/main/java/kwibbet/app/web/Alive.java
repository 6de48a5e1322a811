package kwibbet.app.web;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Whether somebody answers: a page that could not send what was typed asks until it can. */
@RestController
class Alive {

    @GetMapping("/alive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer() {
        // That it answers is all that is asked.
    }
}
