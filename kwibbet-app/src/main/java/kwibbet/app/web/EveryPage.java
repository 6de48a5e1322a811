package kwibbet.app.web;

import java.net.URI;
import java.util.Optional;
import java.util.Set;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/** What every page gets; light or dark is as the machine has it until the maker chooses. */
final class EveryPage {

    private static final String COOKIE = "theme";
    private static final Set<String> THEMES = Set.of("light", "dark");
    private static final int ONE_YEAR = 365 * 24 * 60 * 60;

    private EveryPage() {}

    private static String known(String theme) {
        return THEMES.contains(theme) ? theme : "";
    }

    /** Tells templates how figures are set, what stands in the header and which theme was chosen. */
    @ControllerAdvice
    static class Attributes {
        /** What a handler of exceptions shows has no attributes of this advice, and sets figures all the same. */
        Attributes(ObjectProvider<ThymeleafViewResolver> views) {
            views.ifAvailable(each -> {
                each.addStaticVariable("markup", Markup.ONLY);
                each.addStaticVariable("headings", Headings.ONLY);
            });
        }

        @ModelAttribute("theme")
        String theme(@CookieValue(name = COOKIE, defaultValue = "") String theme) {
            return known(theme);
        }

        /** A page that answers what was sent cannot be asked for: the page that was sent from can. */
        @ModelAttribute("sentFrom")
        String sentFrom(HttpMethod method, @RequestHeader(name = HttpHeaders.REFERER, defaultValue = "") String page) {
            return method.equals(HttpMethod.GET) ? "" : page;
        }
    }

    /** Keeps the choice, and shows the page it was made on. */
    @Controller
    static class Choice {
        @PostMapping("/theme")
        String choose(
                @RequestParam String theme,
                @RequestParam Optional<URI> sentFrom,
                @RequestHeader(name = HttpHeaders.REFERER, defaultValue = "/") URI page,
                HttpServletResponse response) {
            Cookie cookie = new Cookie(COOKIE, known(theme));
            cookie.setPath("/");
            cookie.setMaxAge(known(theme).isEmpty() ? 0 : ONE_YEAR);
            cookie.setHttpOnly(true);
            cookie.setAttribute("SameSite", "Strict");
            response.addCookie(cookie);
            return "redirect:" + path(sentFrom.orElse(page));
        }

        /** Only a path of this site is a place to go back to. */
        private static String path(URI page) {
            String path = Optional.ofNullable(page.getRawPath()).orElse("");
            String query = Optional.ofNullable(page.getRawQuery())
                    .map(asked -> "?" + asked)
                    .orElse("");
            return path.matches("/[^/].*") ? path + query : "/";
        }
    }
}
