package kwibbet.app.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.springframework.context.annotation.Profile;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.ResourcePatternResolver;
import org.springframework.stereotype.Component;

import kwibbet.artwork.ArtworkId;
import kwibbet.formats.document.ArtworkDocument;
import kwibbet.formats.document.DesignDocument;
import kwibbet.run.CardRun;

/**
 * The designs of Lamplight Yard: each base and each feature at least once, the plainest last made. They are design documents as
 * the application writes them, in {@code demo/}.
 */
@Component
@Profile("demo")
class DemoDesigns {

    private final ResourcePatternResolver resources;

    DemoDesigns(ResourcePatternResolver resources) {
        this.resources = resources;
    }

    /** Their pictures, which come with the documents. */
    Map<ArtworkId, byte[]> dots() throws IOException {
        Map<ArtworkId, byte[]> dots = new LinkedHashMap<>();
        for (Resource file : resources.getResources("classpath:demo/*.json")) {
            dots.putAll(ArtworkDocument.dots(file.getContentAsString(StandardCharsets.UTF_8)));
        }
        return dots;
    }

    /**
     * In the order they were made, which is that of their file names.
     *
     * @throws IOException when one cannot be read
     */
    List<CardRun> all() throws IOException {
        Resource[] files = resources.getResources("classpath:demo/*.json");
        Arrays.sort(files, Comparator.comparing(Resource::getFilename));
        List<CardRun> designs = new ArrayList<>();
        for (Resource file : files) {
            designs.add(DesignDocument.read(file.getContentAsString(StandardCharsets.UTF_8))
                    .orThrow());
        }
        return designs;
    }
}
