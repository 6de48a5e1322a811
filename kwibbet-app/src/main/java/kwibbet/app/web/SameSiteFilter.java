package kwibbet.app.web;

import java.io.IOException;
import java.util.Set;
import java.util.regex.Pattern;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses changes that another site's page asks the browser for, and requests under another host's name, so that
 * no page on the net can reach the data on this machine; says with each page what it may load.
 */
@Component
class SameSiteFilter extends OncePerRequestFilter {

    private static final Set<String> HOSTS = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> READING = Set.of("GET", "HEAD");
    private static final String MAY_LOAD =
            "default-src 'self'; img-src 'self' data:; base-uri 'none'; object-src 'none'; frame-ancestors 'none'; form-action 'self'";
    private static final Pattern SHIPPED = Pattern.compile("/(css|js|fonts|webjars)/.*|/icon\\.svg");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", MAY_LOAD);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "same-origin");
        if (!SHIPPED.matcher(request.getRequestURI()).matches()) {
            // A page that is gone back to is asked for again, so that it shows what is and not what was.
            response.setHeader("Cache-Control", "no-store");
        }
        if (!HOSTS.contains(request.getServerName()) || isForeignChange(request)) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
            return;
        }
        chain.doFilter(request, response);
    }

    /** A browser that does not say from what site a request is says at least from what origin. */
    private static boolean isForeignChange(HttpServletRequest request) {
        if (READING.contains(request.getMethod())) {
            return false;
        }
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null) {
            return !site.equals("same-origin") && !site.equals("none");
        }
        String origin = request.getHeader("Origin");
        return origin != null && !origin.equals(request.getScheme() + "://" + request.getHeader("Host"));
    }
}
