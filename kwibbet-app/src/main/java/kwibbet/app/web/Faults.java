package kwibbet.app.web;

import java.util.Optional;
import java.util.stream.Stream;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.ui.Model;
import org.springframework.web.HttpMediaTypeException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.resource.NoResourceFoundException;

import kwibbet.app.store.DamagedDesignException;
import kwibbet.app.store.DamagedRunException;
import kwibbet.app.store.NoRoomException;
import kwibbet.app.store.NoSuchDesignException;
import kwibbet.app.store.NoSuchRunException;
import kwibbet.app.store.Readiness;
import kwibbet.app.store.StaleDesignException;

/** A page of its own for each way a request can fail. */
@ControllerAdvice
class Faults {

    private static final Logger LOG = LoggerFactory.getLogger(Faults.class);

    private final ObjectProvider<Readiness> readiness;

    Faults(ObjectProvider<Readiness> readiness) {
        this.readiness = readiness;
    }

    @ExceptionHandler({
        NoSuchDesignException.class,
        NoSuchRunException.class,
        NoResourceFoundException.class,
        MethodArgumentTypeMismatchException.class,
        HttpRequestMethodNotSupportedException.class
    })
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notFound(HttpServletRequest request, HttpServletResponse response, Model model) {
        return fault(request, response, model, "not-found");
    }

    @ExceptionHandler({
        MissingServletRequestParameterException.class,
        MissingServletRequestPartException.class,
        HttpMessageNotReadableException.class,
        HttpMediaTypeException.class,
        MultipartException.class
    })
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String incomplete(HttpServletRequest request, HttpServletResponse response, Model model) {
        return fault(request, response, model, "incomplete");
    }

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    @ResponseStatus(HttpStatus.CONTENT_TOO_LARGE)
    String tooLarge(HttpServletRequest request, HttpServletResponse response, Model model) {
        return fault(request, response, model, "too-large");
    }

    /** The server could not take the form apart: it is too large, or what it holds is not in form. */
    @ExceptionHandler(InvalidParameterException.class)
    String unreadable(
            InvalidParameterException refused, HttpServletRequest request, HttpServletResponse response, Model model) {
        response.setStatus(refused.getErrorCode());
        boolean tooLarge = refused.getErrorCode() == HttpStatus.CONTENT_TOO_LARGE.value();
        return fault(request, response, model, tooLarge ? "too-large" : "incomplete");
    }

    /** A card whose document cannot be read is shown by what is known of it, with the way back to its last state. */
    @ExceptionHandler(DamagedDesignException.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String damaged(
            DamagedDesignException damaged, HttpServletRequest request, HttpServletResponse response, Model model) {
        model.addAttribute("damaged", damaged.design());
        return fault(request, response, model, "damaged");
    }

    /** Whatever was asked of a run that cannot be read: its own page says so. */
    @ExceptionHandler(DamagedRunException.class)
    String damaged(DamagedRunException damaged) {
        return "redirect:/runs/" + damaged.run();
    }

    /** There is no room to write: what is kept stays readable, and the page sends again what it could not. */
    @ExceptionHandler(NoRoomException.class)
    @ResponseStatus(HttpStatus.INSUFFICIENT_STORAGE)
    String noRoom(HttpServletRequest request, HttpServletResponse response, Model model) {
        return fault(request, response, model, "no-room");
    }

    /** Another tab or person was first; what they made is kept, and what was asked here is not. */
    @ExceptionHandler(StaleDesignException.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String stale(StaleDesignException stale, HttpServletRequest request, HttpServletResponse response, Model model) {
        model.addAttribute("id", stale.id());
        return fault(request, response, model, "stale");
    }

    private static boolean hasGone(Throwable fault) {
        return Stream.iterate(Optional.of(fault), Optional::isPresent, at -> at.map(Throwable::getCause))
                .flatMap(Optional::stream)
                .anyMatch(AsyncRequestNotUsableException.class::isInstance);
    }

    /** Where who asked has gone on before the answer was there, nobody is left to be told. */
    @ExceptionHandler(Exception.class)
    ModelAndView broken(Exception fault, HttpServletRequest request, HttpServletResponse response, Model model) {
        if (hasGone(fault)) {
            LOG.debug("{} {} was not waited for", request.getMethod(), request.getRequestURI(), fault);
            return new ModelAndView();
        }
        boolean opensAgain = readiness.stream().anyMatch(each -> each.opensAgain(fault));
        if (!opensAgain) {
            LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), fault);
        }
        response.setStatus((opensAgain ? HttpStatus.SERVICE_UNAVAILABLE : HttpStatus.INTERNAL_SERVER_ERROR).value());
        return new ModelAndView(fault(request, response, model, opensAgain ? "no-room" : "broken"), model.asMap());
    }

    /** A change asked for from within a page is answered within it; everything else gets a whole page. */
    private static String fault(HttpServletRequest request, HttpServletResponse response, Model model, String kind) {
        model.addAttribute("kind", kind);
        model.addAttribute("within", request.getHeader("HX-Request") != null);
        if (request.getHeader("HX-Request") == null) {
            return "fault/page";
        }
        response.setHeader("HX-Retarget", "#notice");
        response.setHeader("HX-Reswap", "innerHTML");
        return "fault/words :: notice";
    }
}
