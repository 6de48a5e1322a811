package kwibbet.app.web;

import jakarta.servlet.http.HttpServletResponse;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

import static org.assertj.core.api.Assertions.assertThat;

/** Values of Sec-Fetch-Site as in the Fetch Metadata Request Headers draft of the W3C. */
class SameSiteFilterTest {

    @ParameterizedTest
    @CsvSource({
        "POST, 127.0.0.1, same-origin, true",
        "POST, localhost, none, true",
        "POST, 127.0.0.1, , true",
        "GET, 127.0.0.1, cross-site, true",
        "POST, 127.0.0.1, cross-site, false",
        "POST, localhost, same-site, false",
        "DELETE, 127.0.0.1, cross-site, false",
        "GET, rebound.example, none, false",
        "POST, rebound.example, same-origin, false"
    })
    void onlyThisMachinesOwnPagesMayChangeAnything(String method, String host, String site, boolean passes)
            throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest(method, "/cards");
        request.setServerName(host);
        if (site != null) {
            request.addHeader("Sec-Fetch-Site", site);
        }
        MockHttpServletResponse response = new MockHttpServletResponse();
        MockFilterChain chain = new MockFilterChain();
        new SameSiteFilter().doFilter(request, response, chain);
        assertThat(chain.getRequest() != null).isEqualTo(passes);
        assertThat(response.getStatus())
                .isEqualTo(passes ? HttpServletResponse.SC_OK : HttpServletResponse.SC_FORBIDDEN);
        assertThat(response.getHeader("Content-Security-Policy")).contains("default-src 'self'");
    }
}
