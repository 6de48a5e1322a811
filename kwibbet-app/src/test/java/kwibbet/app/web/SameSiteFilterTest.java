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
        assertThat(response.getHeader("Content-Security-Policy"))
                .contains("default-src 'self'", "base-uri 'none'")
                .doesNotContain("unsafe");
    }

    /** A browser without that header says the origin of a change; RFC 6454 section 7. */
    @ParameterizedTest
    @CsvSource({
        "http://127.0.0.1:8470, true",
        "http://127.0.0.1:9999, false",
        "https://127.0.0.1:8470, false",
        "null, false",
        "http://elsewhere.example, false"
    })
    void whereNoSiteIsSaidTheOriginIs(String origin, boolean passes) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/cards");
        request.setServerName("127.0.0.1");
        request.addHeader("Host", "127.0.0.1:8470");
        request.addHeader("Origin", origin);
        MockFilterChain chain = new MockFilterChain();
        new SameSiteFilter().doFilter(request, new MockHttpServletResponse(), chain);
        assertThat(chain.getRequest() != null).isEqualTo(passes);
    }

    /** RFC 9111 section 5.2.2.5: what is gone back to is asked for again; what is shipped may be kept. */
    @ParameterizedTest
    @CsvSource({"/cards/7, no-store", "/js/edits.js, "})
    void pagesAreNotStored(String path, String said) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setServerName("127.0.0.1");
        MockHttpServletResponse response = new MockHttpServletResponse();
        new SameSiteFilter().doFilter(request, response, new MockFilterChain());
        assertThat(response.getHeader("Cache-Control")).isEqualTo(said);
    }
}
