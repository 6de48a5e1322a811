package kwibbet.app.card;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.ui.Model;

/**
 * A request to a card's page and its answer.
 *
 * @param asked what it says
 * @param model what the answer shows
 * @param response the answer
 */
record Turn(Asked asked, Model model, HttpServletResponse response) {

    Turn holding(String piece) {
        return new Turn(asked.holding(piece), model, response);
    }
}
