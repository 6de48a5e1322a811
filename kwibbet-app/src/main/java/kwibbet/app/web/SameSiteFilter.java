package kwibbet.app.web;

import java.io.IOException;
import java.util.Set;

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
            "default-src 'self'; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'; form-action 'self'";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", MAY_LOAD);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "same-origin");
        if (!HOSTS.contains(request.getServerName()) || isForeignChange(request)) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean isForeignChange(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        boolean foreign = site != null && !site.equals("same-origin") && !site.equals("none");
        return foreign && !READING.contains(request.getMethod());
    }
}
