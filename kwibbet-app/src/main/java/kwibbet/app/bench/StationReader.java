package kwibbet.app.bench;

import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;

import kwibbet.run.BenchStation;

/** Reads a station from an address; one that there is not is a page that is not there. */
@Component
class StationReader implements Converter<String, BenchStation> {

    @Override
    public BenchStation convert(String key) {
        return BenchStation.of(key)
                .orElseThrow(() -> new IllegalArgumentException("“" + key + "” is no station of the bench"));
    }
}
