package kwibbet.app.card;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.ui.Model;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

import kwibbet.app.store.Edit;
import kwibbet.app.web.Entries;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.making.Way;

/** Reads what a request to a card's page says: every form of the page carries along what is looked at. */
@Configuration
class TurnResolver implements HandlerMethodArgumentResolver, WebMvcConfigurer {

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType().equals(Turn.class);
    }

    @Override
    public Turn resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binders) {
        HttpServletRequest asked = Objects.requireNonNull(request.getNativeRequest(HttpServletRequest.class));
        HttpServletResponse response = Objects.requireNonNull(request.getNativeResponse(HttpServletResponse.class));
        Model model = (Model) Objects.requireNonNull(container).getModel();
        return new Turn(asked(asked), model, response);
    }

    private static Asked asked(HttpServletRequest request) {
        Map<String, String> typed = new TreeMap<>();
        request.getParameterMap().forEach((name, values) -> typed.put(name, values.length == 0 ? "" : values[0]));
        String held = typed.getOrDefault("held", PieceId.BASE.value());
        Looking looking = new Looking(
                Station.of(typed.getOrDefault("station", "card")).orElse(Station.CARD),
                PieceId.isOne(held) ? held : PieceId.BASE.value(),
                typed.getOrDefault("pose", Pose.SHUT),
                number(typed.getOrDefault("at", "1")),
                Way.of(typed.getOrDefault("way", "")));
        Entries entries = Entries.of(typed);
        return new Asked(
                id(request),
                entries.version(),
                new Edit("", typed.getOrDefault("edit", ""), typed.getOrDefault("gesture", "")),
                form(request),
                entries,
                looking,
                request.getHeader("HX-Request") != null);
    }

    /** The design is named in the address. */
    private static String id(HttpServletRequest request) {
        return Optional.ofNullable(request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE))
                .filter(Map.class::isInstance)
                .map(variables -> String.valueOf(((Map<?, ?>) variables).get("id")))
                .orElse("");
    }

    /** The form of the page an address belongs to. */
    private static String form(HttpServletRequest request) {
        if (!request.getMethod().equals("POST")) {
            return "";
        }
        String[] parts = request.getRequestURI().split("/", -1);
        String word = parts.length > 3 ? parts[3] : "";
        return word.equals("additions") ? (parts.length > 4 ? "addition" : "add") : word;
    }

    /** A number of a setting that is none leads to the first. */
    private static int number(String at) {
        return at.matches("[1-9][0-9]{0,4}") ? Integer.parseInt(at) : 1;
    }
}
