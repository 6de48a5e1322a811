package kwibbet.formats.outline;

import org.xml.sax.ErrorHandler;
import org.xml.sax.SAXParseException;

/** Lets a warning pass and nothing else, and prints nothing. */
final class ThrowingHandler implements ErrorHandler {

    @Override
    public void warning(SAXParseException exception) {}

    @Override
    public void error(SAXParseException exception) throws SAXParseException {
        throw exception;
    }

    @Override
    public void fatalError(SAXParseException exception) throws SAXParseException {
        throw exception;
    }
}
